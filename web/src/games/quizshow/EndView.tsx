import { useState } from "react";
import type { Answered, Closing, Outcome, Scorecard } from "../../generated/types";
import { responseWords, solutionWords } from "../../questions/answers/answerWords";
import { VERDICT_BARS, VERDICT_SIGNS } from "../../questions/verdicts";
import { Rosette } from "../../ui/Rosette";
import { words } from "../../words/en";
import type { StageProps } from "../stage";
import { Heading } from "./Stage";

/** The win with its rosette, or the loss with what was right; and play again. */
export function EndView(props: StageProps & { ending: Closing }) {
  const { ending, showing, again, busy, takesFocus, note } = props;
  const { outcome } = ending;
  const [looking, setLooking] = useState(false);
  return (
    <div className="flex flex-1 flex-col items-center justify-center gap-[calc(var(--gap)*1.2)] text-center">
      {outcome.won && !looking && (
        <Rosette points={outcome.points} label={words.game.pointsUnit(outcome.points)} />
      )}
      <Heading takesFocus={takesFocus} turn="end" about="details">
        {endTitle(outcome, showing.score)}
      </Heading>
      <p className="max-w-[34em] whitespace-pre-line font-sans" data-about="details">
        {endWords(outcome, showing.score)}
        {ending.text && ` ${outcome.won ? "— " : ""}${ending.text}`}
      </p>
      {looking && <Answers answers={ending.answers} />}
      <div className="flex flex-wrap justify-center gap-[var(--gap)]">
        <button type="button" className="btn btn-accent" onClick={again} disabled={busy}>
          {words.game.again}
        </button>
        <button
          type="button"
          className="btn btn-outline"
          aria-expanded={looking}
          onClick={() => setLooking(!looking)}
        >
          {looking ? words.game.hideAnswers : words.game.answers}
        </button>
      </div>
      {note && <p role="status">{note}</p>}
    </div>
  );
}

function endTitle(outcome: Outcome, score: Scorecard): string {
  if (outcome.awaiting > 0) return words.game.awaitingTitle;
  if (outcome.won) return words.game.won;
  if (outcome.ended === "time") return words.game.timeUp(score);
  return outcome.ended === "lives" ? words.game.livesUp(score) : words.game.lost(score);
}

function endWords(outcome: Outcome, score: Scorecard): string {
  if (outcome.awaiting > 0) return words.game.awaiting(outcome.awaiting);
  return outcome.won
    ? words.game.rightOf(score)
    : words.game.needed(outcome.points, outcome.needed);
}

function Answers({ answers }: { answers: Answered[] }) {
  return (
    <ol className="grid w-full gap-[var(--gap)] text-left font-sans">
      {answers.map(({ question, told }) => (
        <li
          key={question.id}
          data-about={`question ${question.id}`}
          className={`rounded-[4px] border-l-8 bg-card p-[0.7em] ${VERDICT_BARS[told.verdict]}`}
        >
          <p className="font-display font-medium">
            {question.number}. {question.text}
          </p>
          {told.right && told.right.length > 0 && (
            <p>
              <span className="font-semibold text-success">✓ {words.game.rightMark}: </span>
              {solutionWords(question, told.right)}
            </p>
          )}
          {told.verdict !== "right" && (
            <p>
              <span
                className={`font-semibold ${told.verdict === "wrong" ? "text-error" : "text-soft"}`}
              >
                {VERDICT_SIGNS[told.verdict]} {words.game.markers[told.verdict]}:{" "}
              </span>
              {responseWords(question, told.response)}
            </p>
          )}
          {told.comment && (
            <p>
              <span className="text-soft">{words.game.comment} </span>
              {told.comment}
            </p>
          )}
        </li>
      ))}
    </ol>
  );
}
