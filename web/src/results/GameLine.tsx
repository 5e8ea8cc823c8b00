import { ChevronRight, Trash2 } from "lucide-react";
import { useState } from "react";
import type { OutcomeReason, PlayedGame } from "../generated/types";
import { TeamSign } from "../stage/teamSigns";
import { words } from "../words/en";
import { whenWords } from "../words/format";
import { why } from "../words/results";
import { Answers } from "./Answers";

/** One game on one line; it unfolds to all that was answered. */
export function GameLine(props: { activity: string; game: PlayedGame; remove: () => void }) {
  const { activity, game, remove } = props;
  const { score, passMark, started, last } = game;
  const [open, setOpen] = useState(false);
  return (
    <details
      open={open}
      onToggle={(event) => setOpen(event.currentTarget.open)}
      className="rounded-[14px] border border-line bg-card"
    >
      <summary className="grid cursor-pointer gap-x-5 gap-y-0.5 rounded-[14px] px-5 py-3 hover:bg-base-200 md:grid-cols-[minmax(12rem,1.3fr)_1fr_1fr_minmax(9rem,1fr)] md:items-center">
        <span className="flex items-center gap-3 font-display font-semibold">
          <ChevronRight
            size={18}
            aria-hidden="true"
            className={`shrink-0 text-soft ${open ? "rotate-90" : ""}`}
          />
          <span className="min-w-0 [overflow-wrap:anywhere]">
            {words.results.learner(game)}
            {game.inClass !== undefined && (
              <bdi className="block font-sans text-sm font-normal text-soft">{game.inClass}</bdi>
            )}
          </span>
          {game.time !== undefined && (
            <span className="font-sans text-sm font-normal text-soft">
              {words.results.time(game.time)}
            </span>
          )}
        </span>
        <span className="text-soft">
          {started !== undefined && whenWords(new Date(started))}
          {started !== undefined && last !== undefined && last > started && (
            <span className="max-md:before:content-['_·_'] md:block">
              {words.results.took(last - started)}
            </span>
          )}
        </span>
        <span>
          {words.game.rightOf(score, game.learner === 0)}
          <span className="text-soft max-md:before:content-['_·_'] md:block">
            {passMark
              ? words.results.points(score.points, passMark.possible)
              : words.results.onlyPoints(score.points)}
          </span>
        </span>
        <OutcomeWord game={game} />
        {game.teams.length > 0 && (
          <span className="flex flex-wrap gap-x-4 gap-y-1 md:col-span-full md:pl-8">
            {game.teams.map((side) => (
              <span key={`${side.sign} ${side.name}`} className="flex items-center gap-1.5">
                <TeamSign sign={side.sign} className="size-5" />
                <bdi>{words.teams.result(side.name, side.points)}</bdi>
              </span>
            ))}
          </span>
        )}
      </summary>
      {open && <Answers activity={activity} sitting={game.sitting} />}
      {open && game.inClass === undefined && (
        <p className="px-5 pb-3">
          <button type="button" className="btn btn-ghost btn-sm h-11 text-soft" onClick={remove}>
            <Trash2 size={16} aria-hidden="true" />
            {words.results.removeGame}
          </button>
        </p>
      )}
    </details>
  );
}

/** What the word for the outcome doesn’t say yet. */
const whyAdds: OutcomeReason[] = ["goal-missed", "goal-reached"];

function OutcomeWord({ game }: { game: PlayedGame }) {
  const { outcome, waiting } = game;
  return (
    <span>
      {outcome ? (
        <span className={outcome.won ? "font-semibold text-success" : "font-semibold"}>
          {outcome.won && <span aria-hidden="true">✓ </span>}
          {game.winners.length > 1
            ? words.teams.tied(game.winners)
            : game.winners.length === 1
              ? words.teams.won(game.winners[0] ?? "")
              : words.results.outcome(outcome)}
          {game.why && whyAdds.includes(game.why) && (
            <span className="block text-sm font-normal text-soft">{why[game.why]}</span>
          )}
        </span>
      ) : (
        <span className="text-soft">{words.results.notEnded}</span>
      )}
      {waiting > 0 && (
        <span className="mt-0.5 block w-fit rounded-[4px] bg-accent px-2 font-semibold text-accent-content">
          {words.results.toMark(waiting)}
        </span>
      )}
    </span>
  );
}
