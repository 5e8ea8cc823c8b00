import { useState } from "react";
import type { Answered, Closing, Outcome, Scorecard } from "../../generated/types";
import { LookBack } from "../../questions/answers/LookBack";
import { Rich } from "../../rich/Rich";
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
      <div className="max-w-[34em] font-sans" data-about="details">
        <p>{endWords(outcome, showing.score)}</p>
        {ending.text && <Rich words={ending.text} />}
      </div>
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
        <LookBack key={question.id} question={question} told={told} />
      ))}
    </ol>
  );
}
