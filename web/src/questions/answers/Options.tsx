import type { CSSProperties } from "react";
import type { Asked, ResponseUnion, Showing } from "../../generated/types";
import { Rich } from "../../rich/Rich";
import { mediaOf, plainOf, sentenceOf, type Words } from "../../rich/words";
import { LONG_TEXT, letter } from "../../stage/stage";
import { words } from "../../words/learner";
import { type AnswerProps, isClosed } from "./answerProps";
import { choiceWords } from "./answerWords";
import { columns } from "./columns";

/** The options as cards, told apart by letter, place and text; one can be chosen, or several. */
export function Options(props: AnswerProps) {
  const { question, showing, given, give, optionsShown } = props;
  const talk = showing.talk;
  const struck = talk?.struck.map(({ option }) => option) ?? [];
  const most = Math.max(1, ...(talk?.votes ?? []).map(({ hands }) => hands));
  const texts = question.choices.map((choice) => choiceWords(question, choice.id));
  const pictures = question.choices.some((choice) =>
    mediaOf(choice.text).some((medium) => medium.kind === "picture"),
  );
  const across = columns(texts, pictures, plainOf(sentenceOf(question.text)).length > LONG_TEXT);
  const rows = { "--rows": Math.ceil(texts.length / across) } as CSSProperties;
  const several = question.kind === "pick-all";
  return (
    <fieldset className="contents" disabled={isClosed(props)}>
      <legend className={several ? "mb-[0.4em] text-soft" : "sr-only"}>
        {several ? words.game.chooseAll : words.game.options}
      </legend>
      <div
        className="stage-options"
        data-columns={across}
        data-pictures={pictures}
        data-done={talk?.done}
        style={rows}
      >
        {question.choices.map((choice, i) => (
          <OptionCard
            key={choice.id}
            hidden={optionsShown !== undefined && i >= optionsShown}
            struck={struck.includes(choice.id)}
            stays={talk?.done === true && !struck.includes(choice.id)}
            hands={talk?.votes.find(({ option }) => option === choice.id)?.hands}
            mostHands={most}
            several={several}
            name={question.id}
            option={choice.id}
            letter={letter(i)}
            text={question.kind === "true-false" ? (texts[i] ?? "") : choice.text}
            mark={markOf(showing, choice.id, pickedIn(given))}
            choose={() => give(picking(question, choice.id, given))}
          />
        ))}
      </div>
    </fieldset>
  );
}

/** What is given once an option is pressed. */
export function picking(question: Asked, option: string, given?: ResponseUnion): ResponseUnion {
  if (question.kind !== "pick-all") return { kind: "picked", option };
  const picked = pickedIn(given);
  const options = picked.includes(option)
    ? picked.filter((id) => id !== option)
    : [...picked, option];
  return { kind: "picked-all", options };
}

function pickedIn(response?: ResponseUnion): string[] {
  if (response?.kind === "picked") return [response.option];
  return response?.kind === "picked-all" ? response.options : [];
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
  several: boolean;
  name: string;
  option: string;
  letter: string;
  text: Words;
  mark: Mark;
  /** Not yet shown: options come one by one. */
  hidden: boolean;
  struck: boolean;
  /** What is left when all wrong ones are struck out. */
  stays: boolean;
  hands?: number;
  mostHands: number;
  choose: () => void;
}) {
  const { mark, hidden, struck, stays, hands } = props;
  return (
    <label
      data-mark={mark}
      data-struck={struck}
      data-stays={stays}
      hidden={hidden}
      data-about={`option ${props.name} ${props.option}`}
      className={`flex min-h-11 items-center gap-[0.7em] stage-card border-[3px] bg-card px-[0.9em] py-[0.4em] text-[length:var(--option)] leading-tight transition-colors has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-primary ${mark === "open" || mark === "chosen" ? "cursor-pointer" : ""} ${CARDS[mark]}`}
    >
      <input
        type={props.several ? "checkbox" : "radio"}
        name={props.name}
        className="sr-only"
        checked={mark === "chosen"}
        disabled={struck || undefined}
        onChange={props.choose}
      />
      <span
        aria-hidden="true"
        className="grid aspect-square w-[1.6em] shrink-0 place-items-center rounded-full border-2 border-edge text-[length:max(0.8em,var(--small))] font-semibold text-soft"
      >
        {props.letter}
      </span>
      <span className="flex min-w-0 flex-1 flex-wrap items-center justify-between gap-x-[0.6em]">
        <span data-read className="max-w-full font-medium [overflow-wrap:anywhere]">
          <span className="sr-only">{props.letter}: </span>
          <Rich words={props.text} />
        </span>
        {struck && <span className="sr-only">{words.talk.struck}</span>}
        {hands !== undefined && <Hands hands={hands} most={props.mostHands} />}
        <MarkWords mark={mark} />
      </span>
    </label>
  );
}

/** A vote by show of hands, as a bar. */
function Hands({ hands, most }: { hands: number; most: number }) {
  return (
    <span className="flex w-full items-center gap-[0.5em] text-[length:var(--small)]">
      <span aria-hidden="true" className="h-[0.7em] flex-1 bg-base-300">
        <span
          className="block h-full bg-base-content"
          style={{ width: `${(100 * hands) / most}%` }}
        />
      </span>
      {words.talk.handsShown(hands)}
    </span>
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

function markOf(showing: Showing, option: string, chosen: string[]): Mark {
  const { feedback } = showing;
  if (!feedback) return chosen.includes(option) ? "chosen" : "open";
  const picked = pickedIn(feedback.response).includes(option);
  if (feedback.rightIds.includes(option)) return "right";
  if (!picked) return "other";
  if (feedback.verdict === "right") return "right";
  return feedback.right || feedback.verdict === "wrong" ? "wrong" : "chosen";
}
