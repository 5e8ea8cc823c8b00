import type { Side } from "../generated/types";
import { words } from "../words/learner";
import { TeamSign } from "./teamSigns";

/** More than these hang in two rows, so that no name is cut. */
const MOST_IN_A_ROW = 4;

/** The teams with their points, always in sight; whose turn it is stands out by frame and word. */
export function TeamsBar({ teams, press }: { teams: Side[]; press?: (team: number) => void }) {
  const wide = teams.length > MOST_IN_A_ROW ? "flex-[1_0_30%]" : "flex-auto";
  return (
    <ul
      aria-label={words.teams.label}
      className="flex w-full flex-wrap gap-[calc(var(--gap)*0.5)] text-start"
    >
      {teams.map((side, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a team is its place
        <li key={i} className={`max-w-full ${wide}`}>
          {press ? (
            <button type="button" className="w-full text-start" onClick={() => press(i)}>
              <Plate side={side} number={i + 1} />
            </button>
          ) : (
            <Plate side={side} number={i + 1} />
          )}
        </li>
      ))}
    </ul>
  );
}

function Plate({ side, number }: { side: Side; number: number }) {
  const { name, sign, points, answers, turn } = side;
  return (
    <div
      className={`flex min-h-11 items-center gap-[0.4em] rounded-[14px] border-2 px-[0.5em] py-[0.1em] ${answers ? "border-accent bg-accent text-accent-content" : "border-line bg-card"}`}
    >
      <span className="sr-only">
        {number}. {words.teams.side(side)}
      </span>
      {answers && (
        <span aria-hidden="true" title={turn ? words.teams.turn : words.teams.takes}>
          {turn ? "▶" : "↷"}
        </span>
      )}
      <TeamSign sign={sign} />
      <span aria-hidden="true" className="min-w-0 flex-1 truncate" dir="auto">
        {name}
      </span>
      <strong aria-hidden="true" className="tabular-nums">
        {points}
      </strong>
    </div>
  );
}
