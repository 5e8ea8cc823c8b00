import { ChevronDown, ChevronUp } from "lucide-react";
import { useMemo, useRef, useState } from "react";
import { mended, mendsOf } from "../engine/LocalGame";
import { ownRulesOf, partsOf } from "../games";
import type { Finding, Readiness } from "../generated/types";
import { lineOf, questionsOf } from "../questions/questionsOf";
import { words } from "../words/en";
import type { EditorStore } from "./editor";
import { lead } from "./places";
import { useSettled } from "./useSettled";

const MENDS_MILLIS = 400;

interface Props {
  readiness: Readiness;
  useEditor: EditorStore;
  /** Brings the sheet to the front where only one side is shown. */
  show: () => void;
  editDetails: () => void;
  editLook: () => void;
}

/** What can be said of the activity before class; a finding leads to its place, a mend mends it. */
export function ReadinessStrip(props: Props) {
  const { readiness } = props;
  const [looking, setLooking] = useState(false);
  const teams = props.useEditor((editor) => editor.activity.rules.teams !== undefined);
  const activity = props.useEditor((editor) => editor.activity);
  const own = ownRulesOf(activity.game);
  const { findings, winnable, passMark, guessing, guessingOff, askable } = readiness;
  const good = winnable === "always";
  const open = looking && findings.length > 0;
  // Whether a mend holds is worked out only for who looks at it, in a pause of typing.
  const settled = useSettled(activity, open ? MENDS_MILLIS : 0);
  const offered = useMemo(
    () => (open ? mendsOf(settled).findings : findings),
    [open, settled, findings],
  );
  const strip = useRef<HTMLElement>(null);
  /** Mends these; the focus goes on to the next mend, or to where the strip is opened. */
  const mend = (which: Finding[], from: HTMLElement) => {
    const buttons = () => [...(strip.current?.querySelectorAll<HTMLElement>("[data-mend]") ?? [])];
    const here = buttons().indexOf(from);
    props.useEditor.getState().edit((a) => which.reduce(mended, a));
    const opener = () => strip.current?.querySelector<HTMLElement>("[data-strip]");
    strip.current?.focus();
    // Once it is worked out what there still is to mend.
    setTimeout(() => {
      const now = document.activeElement;
      if (now !== document.body && now !== strip.current) return;
      const left = buttons();
      (left[Math.min(here, left.length - 1)] ?? opener())?.focus();
    }, MENDS_MILLIS + 100);
  };
  const like = ({ check, own, mend: by }: Finding) =>
    offered.filter((one) => one.mend && one.check === check && one.own === own && one.mend === by);
  return (
    <section
      ref={strip}
      tabIndex={-1}
      aria-label={words.readiness.label}
      className="border-t border-line bg-card"
    >
      {open && (
        <ul className="max-h-[40vh] overflow-y-auto border-b border-line px-4 py-2">
          {offered.map((finding, i) => (
            <FindingRow
              key={keyOf(finding, offered.slice(0, i))}
              finding={finding}
              like={like(finding)}
              mendThese={mend}
              {...props}
            />
          ))}
        </ul>
      )}
      <div className="flex flex-wrap items-center gap-x-6 gap-y-1 px-4 py-1.5 max-sm:gap-x-4 max-sm:gap-y-0">
        <p className="font-medium">
          <span aria-hidden="true" className={good ? "text-success" : "text-error"}>
            {good ? "✓ " : "△ "}
          </span>
          {words.readiness.winnable[winnable]}
        </p>
        {askable > 0 && passMark && (
          <p className="max-sm:hidden">{(own?.passes ?? words.readiness.passes)(passMark)}</p>
        )}
        {askable > 0 && <p>{words.readiness.guessing(guessing, guessingOff, teams)}</p>}
        {askable > 0 && <Time {...props} />}
        {findings.length === 0 ? (
          <p data-strip tabIndex={-1} className="ml-auto flex min-h-11 items-center text-soft">
            {words.readiness.nothing}
          </p>
        ) : (
          <button
            type="button"
            data-strip
            aria-expanded={open}
            className="btn btn-accent ml-auto"
            onClick={() => setLooking(!looking)}
          >
            {words.readiness.things(findings.length)}
            {open ? (
              <ChevronDown size={18} aria-hidden="true" />
            ) : (
              <ChevronUp size={18} aria-hidden="true" />
            )}
          </button>
        )}
      </div>
    </section>
  );
}

/** What a finding says, and how often it was said before: two that say the same are two rows. */
function keyOf(finding: Finding, before: Finding[]) {
  const said = ({ check, own, question, option, values }: Finding) =>
    `${check} ${own} ${question} ${option} ${values}`;
  const key = said(finding);
  return `${key} ${before.filter((one) => said(one) === key).length}`;
}

function Time({ readiness: { time }, editDetails }: Props) {
  return (
    <button
      type="button"
      className="min-h-11 cursor-pointer underline decoration-edge decoration-dotted underline-offset-4"
      title={words.readiness.timeTip}
      onClick={editDetails}
    >
      {time ? words.readiness.time(time) : words.readiness.noTime}
    </button>
  );
}

function FindingRow(
  props: Props & {
    finding: Finding;
    /** All findings of the same kind that can be mended, itself among them. */
    like: Finding[];
    mendThese: (findings: Finding[], from: HTMLElement) => void;
  },
) {
  const { finding, like, mendThese, useEditor, show } = props;
  const { mend } = finding;
  const activity = useEditor((editor) => editor.activity);
  const parts = partsOf(activity.game.kind);
  const item = finding.question;
  const line = lineOf(questionsOf(activity), item);
  const named = item === undefined ? undefined : parts?.item?.(activity.game, item);
  const { own } = finding;
  const stop = finding.weight === "stop";
  return (
    <li className="flex flex-wrap items-center gap-x-3">
      <button
        type="button"
        className="min-h-11 min-w-0 flex-1 basis-80 cursor-pointer rounded-[4px] px-2 py-1.5 text-start hover:bg-base-200"
        onClick={() => {
          if (finding.place === "look") return props.editLook();
          show();
          lead(useEditor, finding);
        }}
      >
        <span className={`font-semibold ${stop ? "text-error" : ""}`}>
          <span aria-hidden="true">{stop ? "△ " : "○ "}</span>
          {named ?? line?.name ?? words.readiness.whole}
          <span className="sr-only"> ({words.readiness.weights[finding.weight]})</span>
        </span>{" "}
        {own === undefined
          ? words.readiness.finding(finding)
          : parts?.findings?.[own]?.(finding.values)}
      </button>
      {mend && (
        <button
          type="button"
          data-mend
          className="btn btn-outline btn-sm h-11"
          onClick={(event) => mendThese([finding], event.currentTarget)}
        >
          {mend === "of-game" && own !== undefined
            ? parts?.mends?.[own]?.(finding.values)
            : words.readiness.mends[mend](finding.values)}
        </button>
      )}
      {like.length > 1 && like[0] === finding && (
        <button
          type="button"
          data-mend
          className="btn btn-outline btn-sm h-11"
          onClick={(event) => mendThese(like, event.currentTarget)}
        >
          {words.readiness.mendAll(like.length)}
        </button>
      )}
    </li>
  );
}
