import type { CSSProperties } from "react";
import type { Asked, Showing } from "../../generated/types";
import { words } from "../../words/en";
import { letter, type StageProps } from "../stage";
import { columns } from "./columns";

/** The options as cards, told apart by letter, place and text; one can be chosen. */
export function Options(props: StageProps & { question: Asked }) {
  const { question, showing, chosen, choose, busy } = props;
  const texts = question.choices.map((choice) => choiceWords(question, choice.id));
  const across = columns(texts);
  const rows = { "--rows": Math.ceil(texts.length / across) } as CSSProperties;
  return (
    <fieldset className="contents" disabled={busy || showing.stage !== "question"}>
      <legend className="sr-only">{words.game.options}</legend>
      <div className="stage-options" data-columns={across} style={rows}>
        {question.choices.map((choice, i) => (
          <OptionCard
            key={choice.id}
            name={question.id}
            option={choice.id}
            letter={letter(i)}
            text={texts[i] ?? ""}
            mark={markOf(showing, choice.id, chosen)}
            choose={() => choose(choice.id)}
          />
        ))}
      </div>
    </fieldset>
  );
}

type Mark = "open" | "chosen" | "right" | "wrong" | "other";

const CARDS: Record<Mark, string> = {
  open: "border-line shadow-lift hover:border-edge",
  chosen: "border-base-content shadow-lift",
  right: "border-success",
  wrong: "border-error",
  other: "border-line",
};

function OptionCard(props: {
  name: string;
  option: string;
  letter: string;
  text: string;
  mark: Mark;
  choose: () => void;
}) {
  const { mark } = props;
  return (
    <label
      data-mark={mark}
      data-about={`option ${props.name} ${props.option}`}
      className={`flex min-h-11 items-center gap-[0.7em] rounded-[14px] border-[3px] bg-card px-[0.9em] py-[0.4em] text-[length:var(--option)] leading-tight transition-colors has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-primary ${mark === "open" || mark === "chosen" ? "cursor-pointer" : ""} ${CARDS[mark]}`}
    >
      <input
        type="radio"
        name={props.name}
        className="sr-only"
        checked={mark === "chosen"}
        onChange={props.choose}
      />
      <span
        aria-hidden="true"
        className="grid aspect-square w-[1.6em] shrink-0 place-items-center rounded-full border-2 border-edge text-[0.8em] font-semibold text-soft"
      >
        {props.letter}
      </span>
      <span className="flex min-w-0 flex-1 flex-wrap items-center justify-between gap-x-[0.6em]">
        <span className="max-w-full font-medium [overflow-wrap:anywhere]">
          <span className="sr-only">{props.letter}: </span>
          {props.text}
        </span>
        <MarkWords mark={mark} />
      </span>
    </label>
  );
}

function MarkWords({ mark }: { mark: Mark }) {
  switch (mark) {
    case "chosen":
      return <span className="text-[length:var(--small)] text-soft">{words.game.chosen}</span>;
    case "right":
      return (
        <span className="text-[length:var(--small)] font-semibold text-success">
          ✓ {words.game.rightMark}
        </span>
      );
    case "wrong":
      return (
        <span className="text-[length:var(--small)] font-semibold text-error">
          ✕ {words.game.wrongMark}
        </span>
      );
    default:
      return null;
  }
}

function markOf(showing: Showing, option: string, chosen?: string): Mark {
  const { feedback } = showing;
  if (!feedback) return option === chosen ? "chosen" : "open";
  if (feedback.right.includes(option)) return "right";
  return feedback.response?.option === option ? "wrong" : "other";
}

/** The words of an option: the teacher's own, or those for true and false. */
export function choiceWords(question: Asked, option: string): string {
  const choice = question.choices.find((c) => c.id === option);
  return question.kind === "true-false" ? (words.game.truth[option] ?? "") : (choice?.text ?? "");
}
