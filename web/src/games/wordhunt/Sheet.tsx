import { List, Plus } from "lucide-react";
import { useState } from "react";
import { SheetHeading } from "../../build/SheetHeading";
import { switchExamplesOf } from "../../engine/LocalGame";
import { limits } from "../../generated/limits";
import type { Listed, Thing, WordHunt } from "../../generated/types";
import { ListDialog } from "../../lists/ListDialog";
import { ComparingChecks } from "../../questions/editors/TextFields";
import { typedLike } from "../../questions/typedLike";
import { lists } from "../../words/lists";
import type { SheetProps } from "..";
import {
  addThings,
  changeHunt,
  changeThing,
  huntOf,
  MOST,
  moveThing,
  putThings,
  removeThing,
  thingOf,
  thingRead,
} from "./hunting";
import { Places } from "./Places";
import { Shown } from "./Shown";
import { sheetWords } from "./sheetWords";
import { ThingLine } from "./ThingLine";

/** The sheet of a word hunt: the picture with places, and the things in two columns of names. */
export default function HuntSheet({ useEditor, showKeys }: SheetProps) {
  const hunt = useEditor((editor) => huntOf(editor.activity));
  const usual = useEditor((editor) => editor.activity.rules.worth);
  const open = useEditor((editor) => editor.open);
  const { edit, unfold } = useEditor.getState();
  const [wanted, setWanted] = useState<string>();
  const [taking, setTaking] = useState<{ from?: Thing; text: string }>();
  if (!hunt) return null;
  const { things } = hunt;
  const change = (part: Partial<WordHunt>, key?: string) =>
    edit(
      changeHunt(() => part),
      key,
    );
  const chosen = things.find((thing) => thing.id === open);

  const goTo = (thing: Thing | undefined) => {
    if (!thing) return;
    unfold(thing.id, false);
    setWanted(thing.id);
  };
  const next = (after: Thing) => {
    const following = things[things.indexOf(after) + 1];
    if (following) return goTo(following);
    if (things.length >= MOST) return;
    const fresh = thingOf([""]);
    edit(addThings(after.id, [fresh]));
    goTo(fresh);
  };
  const takeIn = (from: Thing | undefined, read: Listed[]) => {
    const fresh = read.map(thingRead);
    edit(putThings(from, fresh));
    const empty = from && !from.names[0]?.trim();
    goTo(empty && fresh.length === 1 ? from : fresh.at(-1));
  };
  const remove = (thing: Thing) => {
    const at = things.indexOf(thing);
    edit(removeThing(thing.id));
    goTo(things[at + 1] ?? things[at - 1]);
  };
  return (
    <section aria-labelledby="sheet">
      <SheetHeading title={sheetWords.title(things.length)} showKeys={showKeys} />
      <Shown hunt={hunt} change={change} />
      <ol className="mt-2">
        {things.map((thing, i) => (
          <ThingLine
            key={thing.id}
            thing={thing}
            number={i + 1}
            usual={usual}
            places={hunt.picture !== undefined}
            chosen={thing.id === open}
            wanted={wanted === thing.id}
            got={() => setWanted(undefined)}
            choose={() => open !== thing.id && unfold(thing.id, false)}
            change={(part, key) => edit(changeThing(thing.id, part), `thing ${thing.id} ${key}`)}
            next={() => next(thing)}
            paste={(text) => setTaking({ from: thing, text })}
            move={(by) => {
              edit(moveThing(thing.id, by));
              goTo(thing);
            }}
            remove={() => remove(thing)}
          />
        ))}
      </ol>
      <div className="mt-2 mb-4 grid gap-2 sm:grid-cols-[1fr_auto]">
        <button
          type="button"
          data-place="sheet"
          disabled={things.length >= MOST}
          className="btn btn-ghost justify-start border border-dashed border-edge"
          onClick={() => {
            const fresh = thingOf([""]);
            edit(addThings(undefined, [fresh]));
            goTo(fresh);
          }}
        >
          <Plus size={18} aria-hidden="true" />
          {sheetWords.add}
        </button>
        <button
          type="button"
          disabled={things.length >= MOST}
          className="btn btn-ghost justify-start border border-dashed border-edge"
          onClick={() => setTaking({ text: "" })}
        >
          <List size={18} aria-hidden="true" />
          {lists.open}
        </button>
        <p className="text-sm text-soft sm:col-span-2">
          {things.length >= MOST ? sheetWords.full : sheetWords.paste}
        </p>
      </div>
      {taking && (
        <ListDialog
          text={taking.text}
          of="things"
          most={MOST - things.length + (taking.from && !taking.from.names[0]?.trim() ? 1 : 0)}
          takeIn={(read) => takeIn(taking.from, read)}
          onClose={() => setTaking(undefined)}
        />
      )}
      {hunt.picture && (
        <Places
          picture={hunt.picture.medium}
          things={things}
          chosen={chosen ?? things.find((thing) => !thing.place)}
          choose={(id) => unfold(id, false)}
          place={(id, place, key) => edit(changeThing(id, { place }), key && `place ${id} ${key}`)}
        />
      )}
      <ComparingChecks
        comparing={hunt.comparing}
        change={(comparing) => change({ comparing })}
        examples={examplesOf(hunt)}
      />
      {hunt.pick && <Decoys hunt={hunt} change={change} />}
    </section>
  );
}

/** What each switch does to the first name. */
function examplesOf({ things, comparing }: WordHunt) {
  const name = things[0]?.names[0]?.trim();
  return name ? switchExamplesOf(typedLike([name], comparing)) : undefined;
}

/** What stands in the list to pick from and is not there: one to a line. */
function Decoys(props: {
  hunt: WordHunt;
  change: (part: Partial<WordHunt>, key?: string) => void;
}) {
  const { hunt, change } = props;
  return (
    <label className="mb-4 block">
      <span className="text-sm font-semibold text-soft">{sheetWords.decoys}</span>
      <textarea
        value={hunt.decoys.join("\n")}
        rows={Math.max(3, hunt.decoys.length + 1)}
        placeholder={sheetWords.decoysHow}
        className="mt-1 block w-full rounded-[4px] border border-edge bg-card px-3 py-2"
        onChange={(event) => {
          const lines = event.target.value === "" ? [] : event.target.value.split("\n");
          change({ decoys: lines.slice(0, limits.WordHunt.decoys.most) }, "decoys");
        }}
      />
    </label>
  );
}
