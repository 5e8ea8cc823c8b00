import { useState } from "react";
import type { Answered, Closing, Outcome, Showing } from "../../generated/types";
import { LookBack } from "../../questions/answers/LookBack";
import { Rich } from "../../rich/Rich";
import { Rosette } from "../../ui/Rosette";
import { words } from "../../words/en";
import type { StageProps } from "../stage";
import { ClimbView, heightNow } from "./ClimbView";
import { Heading } from "./Stage";

/** The win with its rosette, or the loss with what was right; and play again. */
export function EndView(props: StageProps & { ending: Closing }) {
  const { ending, showing, again, busy, takesFocus, note } = props;
  const { outcome } = ending;
  const { wording, scene, teams } = showing;
  const [looking, setLooking] = useState(false);
  return (
    <div className="flex flex-1 flex-col items-center justify-center gap-[calc(var(--gap)*1.2)] text-center">
      {!looking && (
        <div className="flex w-full flex-wrap items-center justify-center gap-[calc(var(--gap)*2)]">
          {outcome.won && (
            <Rosette points={outcome.points} label={words.game.pointsUnit(outcome.points)} />
          )}
          {scene?.kind === "climb" && (
            <div className="h-[max(14rem,48cqh)] max-w-full flex-[0_1_24em]">
              <ClimbView climb={scene} teams={teams} small />
            </div>
          )}
        </div>
      )}
      <Heading takesFocus={takesFocus} turn="end" about="details">
        {endTitle(showing, outcome)}
      </Heading>
      <div className="max-w-[34em] font-sans" data-about="details">
        <p>{endWords(showing, outcome)}</p>
        {ending.text && <Rich words={ending.text} />}
      </div>
      {looking && <Answers answers={ending.answers} />}
      <div className="flex flex-wrap justify-center gap-[var(--gap)]">
        <button type="button" className="btn btn-accent" onClick={again} disabled={busy}>
          {wording?.again ?? words.game.again}
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

function endTitle({ score, teams, wording, scene }: Showing, outcome: Outcome): string {
  if (outcome.ended === "closed" && !outcome.won) return words.game.closedTitle;
  const winners = outcome.winners.map((place) => teams[place]?.name ?? "");
  if (winners.length > 0 && outcome.awaiting > 0) return words.game.awaitingTitle;
  if (winners.length > 1) return words.teams.tied(winners);
  if (winners.length === 1) return words.teams.won(winners[0] ?? "");
  if (outcome.possible === 0 && score.given === score.asked) return words.talk.over;
  if (outcome.awaiting > 0) return words.game.awaitingTitle;
  if (outcome.won) return wording?.won ?? words.game.won;
  if (wording?.lost) return wording.lost;
  if (scene?.kind === "climb") return words.climb.lost(heightNow(scene, teams), scene.steps.length);
  if (outcome.ended === "time") return words.game.timeUp(score);
  return outcome.ended === "lives" ? words.game.livesUp(score) : words.game.lost(score);
}

function endWords({ score, teams, scene, passMark }: Showing, outcome: Outcome): string {
  if (teams.length > 0) {
    const marks = outcome.awaiting > 0 ? `${words.teams.awaiting(outcome.awaiting)} ` : "";
    return marks + teams.map(({ name, points }) => words.teams.result(name, points)).join(" · ");
  }
  if (outcome.possible === 0 && score.given === score.asked) return words.talk.overText;
  if (scene?.kind === "climb") {
    return outcome.won
      ? words.climb.wonAt(heightNow(scene, teams), scene.steps.length, outcome.points)
      : words.climb.needed(passMark?.rightNeeded ?? 0);
  }
  if (outcome.awaiting > 0) return words.game.awaiting(outcome.awaiting);
  if (outcome.ended === "closed") return words.game.closed(score);
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
