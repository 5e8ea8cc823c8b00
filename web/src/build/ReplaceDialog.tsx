import { type FormEvent, useId, useState } from "react";
import { partsOf } from "../games";
import type { Activity } from "../generated/types";
import { lineOf, questionsOf } from "../questions/questionsOf";
import { Dialog } from "../ui/Dialog";
import { FIELD } from "../ui/field";
import { words } from "../words/en";
import type { EditorStore } from "./editor";
import { lead } from "./places";
import { type FoundPlace, replaced } from "./replacing";

const MOST_SHOWN = 60;

/** The line on the sheet that a place belongs to, and what it is called. */
function foundLine(activity: Activity, { within }: FoundPlace) {
  const questions = questionsOf(activity);
  const parts = partsOf(activity.game.kind);
  for (const id of within) {
    const line = lineOf(questions, id);
    if (line) return { id, name: line.name };
    const name = parts?.item?.(activity.game, id);
    if (name) return { id, name };
  }
  return undefined;
}

/** Finds a text wherever it was written, and puts another in its place: one step of undo. */
export function ReplaceDialog(props: {
  useEditor: EditorStore;
  editDetails: () => void;
  onClose: () => void;
}) {
  const { useEditor, editDetails, onClose } = props;
  const activity = useEditor((editor) => editor.activity);
  const [find, setFind] = useState("");
  const [by, setBy] = useState("");
  const [caseMatters, setCaseMatters] = useState(false);
  const [done, setDone] = useState<number>();
  const ids = useId();
  const wanted = { find, caseMatters };
  const { places } = replaced(activity, wanted, by);
  const count = places.length;
  const goTo = (place: FoundPlace) => {
    const line = foundLine(activity, place);
    if (!line && place.part !== "game") return editDetails();
    onClose();
    // The dialog gives the focus back first.
    setTimeout(() => lead(useEditor, line ? { question: line.id } : { place: "board" }));
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (count === 0) return;
    useEditor.getState().edit((a) => replaced(a, wanted, by).activity);
    setDone(count);
  };
  const change = (set: (text: string) => void) => (event: { target: { value: string } }) => {
    set(event.target.value);
    setDone(undefined);
  };
  return (
    <Dialog title={words.replace.title} onClose={onClose}>
      <form onSubmit={submit} className="grid gap-3">
        <div>
          <label htmlFor={`${ids}-find`}>{words.replace.find}</label>
          <input
            id={`${ids}-find`}
            data-first
            value={find}
            maxLength={300}
            onChange={change(setFind)}
            className={`${FIELD} h-12 text-lg`}
          />
        </div>
        <div>
          <label htmlFor={`${ids}-by`}>{words.replace.by}</label>
          <input
            id={`${ids}-by`}
            value={by}
            maxLength={300}
            onChange={change(setBy)}
            className={`${FIELD} h-12 text-lg`}
          />
        </div>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox border-edge"
            checked={caseMatters}
            onChange={(event) => {
              setCaseMatters(event.target.checked);
              setDone(undefined);
            }}
          />
          {words.replace.caseMatters}
        </label>
        <p role="status" className="min-h-6 text-soft">
          {done === undefined ? find && words.replace.found(count) : words.replace.done(done)}
        </p>
        {done === undefined && count > 0 && (
          <ul className="max-h-[34vh] overflow-y-auto border-y border-line">
            {places.slice(0, MOST_SHOWN).map((place, i) => {
              const line = foundLine(activity, place);
              return (
                // biome-ignore lint/suspicious/noArrayIndexKey: a place is where it stands in the list
                <li key={i} className="border-b border-line last:border-0">
                  <button
                    type="button"
                    className="flex min-h-11 w-full cursor-pointer items-baseline gap-3 rounded-[4px] px-2 py-1.5 text-start hover:bg-base-200"
                    onClick={() => goTo(place)}
                  >
                    <span className="w-28 shrink-0 text-sm text-soft">
                      {line?.name ?? words.replace.parts(place.part)}
                    </span>
                    <bdi className="min-w-0 wrap-anywhere">
                      {place.before}
                      <mark className="bg-accent/40 text-base-content">{place.hit}</mark>
                      {place.after}
                    </bdi>
                  </button>
                </li>
              );
            })}
            {count > MOST_SHOWN && (
              <li className="px-2 py-1.5 text-soft">
                {words.replace.moreFound(count - MOST_SHOWN)}
              </li>
            )}
          </ul>
        )}
        <button
          type="submit"
          className="btn btn-primary justify-self-start"
          disabled={count === 0 || done !== undefined}
        >
          {words.replace.all}
        </button>
      </form>
    </Dialog>
  );
}
