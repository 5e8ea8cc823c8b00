import { useMemo, useState } from "react";
import { dressOf, mended, readyLooks } from "../engine/LocalGame";
import type { Activity, Backdrop, Fill, Finding, Look, Readiness } from "../generated/types";
import { Picking } from "../media/Picking";
import { blockOf } from "../media/upload";
import { mediumAddress } from "../rich/media";
import { Bunting } from "../stage/Bunting";
import { dressStyle, useFonts } from "../stage/dress";
import { Dialog } from "../ui/Dialog";
import { FIELD } from "../ui/field";
import { words } from "../words/en";
import { extremesOf } from "./colours";
import type { EditorStore } from "./editor";
import { SoundFields, WordingFields } from "./SoundAndWording";

/** One look for the whole activity, its sounds and the words on its buttons. */
export default function LookDialog(props: {
  useEditor: EditorStore;
  readiness: Readiness;
  onClose: () => void;
}) {
  const { useEditor, readiness, onClose } = props;
  const activity = useEditor((editor) => editor.activity);
  const { edit } = useEditor.getState();
  const set = (part: Partial<Activity>, key?: string) => edit((a) => ({ ...a, ...part }), key);
  const poor = readiness.findings.find(({ check }) => check === "poor-contrast");
  return (
    <Dialog title={words.dress.title} onClose={onClose} wide>
      <div className="grid gap-6 md:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <div className="grid content-start gap-4">
          <ReadyLooks chosen={activity.look} choose={(look) => set({ look })} />
          {activity.look && (
            <LookFields
              look={activity.look}
              change={(part, key) => set({ look: { ...(activity.look as Look), ...part } }, key)}
            />
          )}
        </div>
        <div className="grid content-start gap-4">
          {activity.look && (
            <Sample
              look={activity.look}
              poor={poor}
              mend={(finding) => edit((a) => mended(a, finding))}
            />
          )}
          <SoundFields sounds={activity.sounds} change={(sounds) => set({ sounds })} />
          <WordingFields
            wording={activity.wording ?? {}}
            change={(wording, key) => set({ wording }, `wording ${key}`)}
          />
        </div>
      </div>
      <button type="button" className="btn btn-primary mt-5" onClick={onClose}>
        {words.details.done}
      </button>
    </Dialog>
  );
}

/** The looks that are ready to take, each as a small sample of itself. */
function ReadyLooks(props: { chosen?: Look; choose: (look?: Look) => void }) {
  const { chosen, choose } = props;
  const ready = useMemo(() => readyLooks(), []);
  const same = (look: Look) => JSON.stringify(look) === JSON.stringify(chosen);
  return (
    <fieldset>
      <legend className="mb-1 text-sm text-soft">{words.dress.ready}</legend>
      <div className="grid grid-cols-[repeat(auto-fill,minmax(6.5rem,1fr))] gap-2">
        <button
          type="button"
          aria-pressed={chosen === undefined}
          onClick={() => choose(undefined)}
          className="min-h-16 cursor-pointer rounded-[14px] border-2 border-line bg-base-100 px-2 font-display aria-pressed:border-base-content aria-pressed:font-semibold"
        >
          {words.dress.own}
        </button>
        {ready.map(({ name, look }) => (
          <button
            key={name}
            type="button"
            aria-pressed={same(look)}
            onClick={() => choose(look)}
            style={dressStyle(dressOf(look), mediumAddress)}
            className="min-h-16 cursor-pointer rounded-[14px] border-2 border-line px-2 aria-pressed:border-[3px] aria-pressed:border-base-content aria-pressed:font-semibold"
          >
            {words.dress.names[name] ?? name}
            <span aria-hidden="true" className="mx-auto mt-1 block h-1.5 w-8 bg-primary" />
          </button>
        ))}
      </div>
    </fieldset>
  );
}

function LookFields(props: { look: Look; change: (part: Partial<Look>, key?: string) => void }) {
  const { look, change } = props;
  return (
    <>
      <fieldset className="flex flex-wrap gap-4">
        <legend className="mb-1 text-sm text-soft">{words.dress.colours}</legend>
        {(["ground", "ink", "accent"] as const).map((which) => (
          <label key={which} className="flex items-center gap-2">
            <input
              type="color"
              value={look[which]}
              onChange={(event) => change({ [which]: event.target.value }, `look ${which}`)}
              className="size-11 cursor-pointer"
            />
            {words.dress.colour[which]}
          </label>
        ))}
      </fieldset>
      <BackdropFields
        backdrop={look.backdrop}
        change={(backdrop, key) => change({ backdrop }, key)}
      />
      <div className="grid grid-cols-3 gap-3">
        <Choice
          label={words.dress.type}
          names={words.dress.types}
          value={look.type}
          change={(type) => change({ type })}
        />
        <Choice
          label={words.dress.corner}
          names={words.dress.corners}
          value={look.corner}
          change={(corner) => change({ corner })}
        />
        <Choice
          label={words.dress.shape}
          names={words.dress.shapes}
          value={look.shape}
          change={(shape) => change({ shape })}
        />
      </div>
    </>
  );
}

function BackdropFields(props: {
  backdrop: Backdrop;
  change: (backdrop: Backdrop, key?: string) => void;
}) {
  const { backdrop, change } = props;
  const [picking, setPicking] = useState(false);
  const become = (fill: Fill) => {
    if (fill === "picture") return setPicking(true);
    change(fill === "gradient" ? { fill, second: backdrop.second ?? "#dfe9ec" } : { fill });
  };
  return (
    <div className="flex flex-wrap items-end gap-3">
      <Choice
        label={words.dress.backdrop}
        names={words.dress.fills}
        value={backdrop.fill}
        change={become}
      />
      {backdrop.fill === "gradient" && (
        <label className="flex items-center gap-2">
          <input
            type="color"
            value={backdrop.second ?? "#ffffff"}
            onChange={(event) => change({ ...backdrop, second: event.target.value }, "second")}
            className="size-11 cursor-pointer"
          />
          {words.dress.second}
        </label>
      )}
      {backdrop.fill === "picture" && (
        <button type="button" className="btn btn-outline" onClick={() => setPicking(true)}>
          {words.dress.otherPicture}
        </button>
      )}
      {picking && (
        <Picking
          kind="picture"
          choose={async (card) => {
            setPicking(false);
            const block = blockOf(card);
            if (block.kind !== "picture") return;
            const extremes = await extremesOf(mediumAddress(block.medium));
            change({ fill: "picture", picture: block, ...extremes });
          }}
          onClose={() => setPicking(false)}
        />
      )}
    </div>
  );
}

function Choice<K extends string>(props: {
  label: string;
  names: Record<K, string>;
  value: K;
  change: (value: K) => void;
}) {
  return (
    <label>
      <span className="block text-sm text-soft">{props.label}</span>
      <select
        className={`${FIELD} h-11`}
        value={props.value}
        onChange={(event) => props.change(event.target.value as K)}
      >
        {(Object.keys(props.names) as K[]).map((key) => (
          <option key={key} value={key}>
            {props.names[key]}
          </option>
        ))}
      </select>
    </label>
  );
}

/** The look as it is worn, and whether it can be read from the back row. */
function Sample(props: { look: Look; poor?: Finding; mend: (finding: Finding) => void }) {
  const { look, poor, mend } = props;
  const dress = useMemo(() => dressOf(look), [look]);
  useFonts(dress.type);
  return (
    <div>
      <div
        className="stage rounded-[4px] border border-line p-4"
        data-dressed="true"
        style={{ ...dressStyle(dress, mediumAddress), minHeight: 0 }}
      >
        <Bunting
          shape={dress.shape}
          markers={[
            { question: "1", state: "right" },
            { question: "2", state: "now" },
            { question: "3", state: "to-do" },
          ]}
        />
        <p className="text-xl font-semibold">{words.dress.sample}</p>
        <p className="stage-card border-[3px] border-line bg-card px-3 py-2">
          <strong className="text-soft">A</strong> {words.dress.sampleOption}
        </p>
        <p className="stage-card w-fit bg-primary px-4 py-2 font-semibold text-primary-content">
          {words.game.answer}
        </p>
      </div>
      <p className="mt-2 flex flex-wrap items-center gap-3" role="status">
        {poor ? words.readiness.finding(poor) : words.dress.readable}
        {poor && (
          <button type="button" className="btn btn-primary" onClick={() => mend(poor)}>
            {words.readiness.mends["mend-look"]([])}
          </button>
        )}
      </p>
    </div>
  );
}
