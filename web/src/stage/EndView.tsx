import { type ReactNode, useState } from "react";
import type { Answered, Closing, Outcome, Showing } from "../generated/types";
import { LookBack } from "../questions/answers/LookBack";
import { Rich } from "../rich/Rich";
import { words } from "../words/learner";
import { Heading } from "./Heading";
import { Rosette } from "./Rosette";
import type { StageProps } from "./stage";

/** What the end says where a game is not won by a sum of points. */
export interface OwnEnd {
  /** What is seen once more. */
  beside?: ReactNode;
  /** The heading of a win; the usual one without it. */
  title?: string;
  lost: string;
  won: (points: number) => string;
  needed: string;
}

/** The win with its rosette, or the loss with what was right; and play again. */
export function EndView(props: StageProps & { ending: Closing; own?: OwnEnd }) {
  const { ending, own, showing, again, busy, takesFocus, note, leave } = props;
  const { outcome } = ending;
  const { wording } = showing;
  const [looking, setLooking] = useState(false);
  return (
    <div className="flex flex-1 flex-col items-center justify-center gap-[calc(var(--gap)*1.2)] text-center">
      {!looking && (
        <div className="flex w-full flex-wrap items-center justify-center gap-[calc(var(--gap)*2)]">
          {outcome.won && (
            <Rosette points={outcome.points} label={words.game.pointsUnit(outcome.points)} />
          )}
          {own?.beside}
        </div>
      )}
      <Heading takesFocus={takesFocus} turn="end" about="details">
        {endTitle(showing, outcome, own)}
      </Heading>
      <div className="max-w-[34em] font-sans" data-about="details">
        <p>{endWords(showing, outcome, own)}</p>
        {ending.text && <Rich words={ending.text} />}
      </div>
      {looking && <Answers answers={ending.answers} />}
      <div className="flex flex-wrap justify-center gap-[var(--gap)]">
        {again && (
          <button type="button" className="btn btn-accent" onClick={again} disabled={busy}>
            {wording?.again ?? words.game.again}
          </button>
        )}
        {ending.answers.length > 0 && (
          <button
            type="button"
            className="btn btn-outline"
            aria-expanded={looking}
            onClick={() => setLooking(!looking)}
          >
            {looking ? words.game.hideAnswers : words.game.answers}
          </button>
        )}
        {leave}
      </div>
      {note && <p role="status">{note}</p>}
    </div>
  );
}

function endTitle({ score, teams, wording }: Showing, outcome: Outcome, own?: OwnEnd): string {
  const closed = outcome.ended === "closed" || outcome.ended === "at-closing";
  if (closed && !outcome.won) return words.game.closedTitle;
  const winners = outcome.winners.map((place) => teams[place]?.name ?? "");
  if (winners.length > 0 && outcome.awaiting > 0) return words.game.awaitingTitle;
  if (winners.length > 1) return words.teams.tied(winners);
  if (winners.length === 1) return words.teams.won(winners[0] ?? "");
  if (outcome.possible === 0 && score.given === score.asked) return words.talk.over;
  if (outcome.awaiting > 0) return words.game.awaitingTitle;
  if (outcome.won) return wording?.won ?? own?.title ?? words.game.won;
  if (wording?.lost) return wording.lost;
  if (own) return own.lost;
  if (outcome.ended === "time") return words.game.timeUp(score);
  return outcome.ended === "lives" ? words.game.livesUp(score) : words.game.lost(score);
}

function endWords({ score, teams }: Showing, outcome: Outcome, own?: OwnEnd): string {
  if (teams.length > 0) {
    const marks = outcome.awaiting > 0 ? `${words.teams.awaiting(outcome.awaiting)} ` : "";
    return marks + teams.map(({ name, points }) => words.teams.result(name, points)).join(" · ");
  }
  if (outcome.possible === 0 && score.given === score.asked) return words.talk.overText;
  if (outcome.awaiting > 0) return words.game.awaiting(outcome.awaiting);
  if (own && outcome.won) return own.won(outcome.points);
  const stands = own ? "" : words.game.stands(score);
  if (outcome.ended === "closed") return words.game.closed(stands);
  if (outcome.ended === "at-closing") return words.game.atClosing(stands);
  if (own) return own.needed;
  return outcome.won
    ? words.game.rightOf(score)
    : words.game.needed(outcome.points, outcome.needed);
}

function Answers({ answers }: { answers: Answered[] }) {
  return (
    <ol className="grid w-full gap-[var(--gap)] text-start font-sans">
      {answers.map(({ question, told }) => (
        <LookBack key={question.id} question={question} told={told} />
      ))}
    </ol>
  );
}
