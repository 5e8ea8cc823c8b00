import { useState } from "react";
import { CHIP, ChoiceChip, NumberChip } from "../../build/chips";
import { seriesOf } from "../../engine/LocalGame";
import { limits } from "../../generated/limits";
import type { BoardUnion, Climb, Rise, Rules, Tries } from "../../generated/types";
import type { SentenceProps } from "..";
import { blankBoard } from "./blankBoard";
import { boardOf, onBoard } from "./board";
import { boardWords } from "./words";

/** How the questions are laid out, as a sentence; and what follows from it for the rules. */
export default function BoardSentence({ useEditor, readiness, change }: SentenceProps) {
  const board = useEditor((editor) => boardOf(editor.activity));
  const rules = useEditor((editor) => editor.activity.rules);
  const { edit } = useEditor.getState();
  const set = (next: BoardUnion, key?: string) => edit((a) => onBoard(a, next), key);
  if (!board) return null;
  return (
    <>
      {boardWords.board.come}{" "}
      <ChoiceChip
        label={boardWords.board.label}
        place="board"
        names={boardWords.board.kinds}
        value={board.kind}
        change={(kind) => set(blankBoard(kind, readiness.askable))}
      />{" "}
      {board.kind === "trail" && <LockSentence tries={rules.tries} change={change} />}
      {board.kind === "climb" && (
        <ClimbSentence climb={board} rules={rules} set={(next, key) => set(next, key)} />
      )}
    </>
  );
}

/** On a trail the rule of tries says when a marker locks. */
function LockSentence(props: { tries?: Tries; change: (part: Partial<Rules>) => void }) {
  const { tries, change } = props;
  return (
    <>
      {boardWords.board.locks}{" "}
      <ChoiceChip
        label={boardWords.board.locksLabel}
        names={boardWords.board.lockWhen}
        value={tries?.again === "until-right" ? "right" : "answered"}
        change={(when) =>
          change({ tries: when === "right" ? { again: "until-right" } : undefined })
        }
      />{" "}
    </>
  );
}

function ClimbSentence(props: {
  climb: Climb & { kind: "climb" };
  rules: Rules;
  set: (next: BoardUnion, key?: string) => void;
}) {
  const { climb, rules, set } = props;
  const { steps, rise, rests, miss } = climb;
  const series = seriesOf(climb, rules.worth);
  /** Whether the steps are in sight, each to be made a resting place. */
  const [open, setOpen] = useState(false);
  const turnRest = (step: number) =>
    set({
      ...climb,
      rests: rests.includes(step)
        ? rests.filter((rest) => rest !== step)
        : [...rests, step].sort((a, b) => a - b),
    });
  return (
    <>
      {boardWords.board.steps}{" "}
      <NumberChip
        label={boardWords.board.stepsLabel}
        value={steps}
        {...limits.Climb.steps}
        change={(next) => set({ ...climb, steps: next }, "steps")}
      />{" "}
      {boardWords.board.stepsAnd}{" "}
      <ChoiceChip
        label={boardWords.board.riseLabel}
        names={boardWords.board.rises}
        value={rise}
        change={(next) =>
          set({
            ...climb,
            rise: next as Rise,
            worths: next === "own" && climb.worths.length === 0 ? series : climb.worths,
          })
        }
      />{" "}
      {boardWords.board.miss}{" "}
      <ChoiceChip
        label={boardWords.board.missLabel}
        names={boardWords.board.misses}
        value={miss ?? "rest"}
        change={(next) => set({ ...climb, miss: next as "rest" | "end" })}
      />
      {rules.teams && miss === "end" && ` ${boardWords.board.teamsMiss}`} {boardWords.board.rests}{" "}
      <button type="button" aria-expanded={open} className={CHIP} onClick={() => setOpen(!open)}>
        {boardWords.board.restsAt(rests)}
      </button>
      .{" "}
      {(open || rise === "own") && (
        <span className="my-1 flex flex-wrap items-end gap-1 leading-tight">
          {series.map((worth, i) => (
            <StepChip
              // biome-ignore lint/suspicious/noArrayIndexKey: a step is its place
              key={i}
              step={i + 1}
              worth={worth}
              rest={rests.includes(i + 1)}
              own={rise === "own"}
              turn={() => turnRest(i + 1)}
              setWorth={(next) => set({ ...climb, worths: series.with(i, next) }, `worth ${i}`)}
            />
          ))}
        </span>
      )}
    </>
  );
}

/** A step: its worth, and whether it is a resting place. */
function StepChip(props: {
  step: number;
  worth: number;
  rest: boolean;
  own: boolean;
  turn: () => void;
  setWorth: (worth: number) => void;
}) {
  const { step, worth, rest, own, turn, setWorth } = props;
  return (
    <span className="inline-flex flex-col items-center">
      {own ? (
        <NumberChip
          label={boardWords.board.stepWorth(step)}
          value={worth}
          most={1_000_000_000}
          change={setWorth}
        />
      ) : (
        <span className="font-display text-sm tabular-nums">{worth}</span>
      )}
      <button
        type="button"
        aria-pressed={rest}
        aria-label={boardWords.board.restLabel(step)}
        title={boardWords.board.restLabel(step)}
        onClick={turn}
        className={`h-9 min-w-9 cursor-pointer rounded-[14px] border-2 px-2 font-display font-semibold pointer-coarse:h-11 pointer-coarse:min-w-11 ${rest ? "border-accent bg-accent text-accent-content" : "border-edge bg-card"}`}
      >
        {step}
        {rest && <span aria-hidden="true"> ▲</span>}
      </button>
    </span>
  );
}
