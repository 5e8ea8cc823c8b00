import type { ReactNode } from "react";
import type { Asked, Told } from "../../generated/types";
import { Rich } from "../../rich/Rich";
import { words } from "../../words/learner";
import { VERDICT_BARS, VERDICT_INKS, VERDICT_SIGNS } from "../verdicts";
import { responseWords, toldRight } from "./answerWords";

/** What a verdict is called: a thing is found or not, a question answered. */
const saidOf = ({ kind }: Asked, told: Told) =>
  isTalkedThrough(told)
    ? words.talk.explained
    : (kind === "item" && words.game.items[told.verdict]) || words.game.markers[told.verdict];

/** Taken apart with the whole class: nobody handed anything in. */
const isTalkedThrough = ({ verdict, response }: Told) => verdict === "given" && !response;

/** A question looked back at: what was answered, and what is right where that is told. */
export function LookBack(props: { question: Asked; told: Told; children?: ReactNode }) {
  const { question, told, children } = props;
  const right = toldRight(question, told);
  const answers = told.response || (question.kind !== "item" && !isTalkedThrough(told));
  return (
    <li
      data-about={`question ${question.id}`}
      className={`rounded-[4px] border-l-8 bg-card p-[0.7em] [overflow-wrap:anywhere] ${VERDICT_BARS[told.verdict]}`}
    >
      <p className="font-display font-medium">
        {question.number}. <Rich words={question.text} />
      </p>
      <p className="whitespace-pre-line">
        <span className={`font-semibold ${VERDICT_INKS[told.verdict]}`}>
          {VERDICT_SIGNS[told.verdict]} {saidOf(question, told)}
          {answers ? ": " : ""}
        </span>
        {answers && responseWords(question, told.response)}
      </p>
      {question.kind !== "item" && told.verdict !== "right" && right && (
        <p>
          <span className="font-semibold text-success">✓ {words.game.rightMark}: </span>
          {right}
        </p>
      )}
      {told.markedAnew && <p className="text-soft">{words.game.markedAnew}</p>}
      {told.comment && (
        <p>
          <span className="text-soft">{words.game.comment} </span>
          {told.comment}
        </p>
      )}
      {children}
    </li>
  );
}
