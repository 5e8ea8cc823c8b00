import { Fragment } from "react";
import { limits } from "../generated/limits";
import type { Rules, Sign, TakeOver, Team, Teams } from "../generated/types";
import { SIGNS, TeamSign } from "../stage/teamSigns";
import { words } from "../words/en";
import { CHIP, ChoiceChip, NumberChip } from "./chips";

const COUNTS = Object.fromEntries(
  [0, 2, 3, 4, 5, 6].map((n) => [String(n), words.teams.counts(n)]),
) as Record<string, string>;
const USUAL_TAKE_OVER = 5;
const USUAL_SECONDS = 15;

/** So many teams: those that are there keep their names. */
function list(teams: Team[], count: number): Team[] {
  return Array.from(
    { length: count },
    (_, i) => teams[i] ?? { name: words.teams.usual[i] ?? "", sign: SIGNS[i] ?? "leaf" },
  );
}

/** Who plays at the front of the class, as sentences. */
export function TeamsSentence(props: {
  rules: Rules;
  ownPoints: boolean;
  /** Whether the game asks nothing, so that nothing is taken over or decided by a question. */
  asksNothing?: boolean;
  /** What the turns are called where that is another thing there. */
  turns?: Record<string, string>;
  change: (part: Partial<Rules>) => void;
}) {
  const { rules, ownPoints, asksNothing, change } = props;
  const { teams } = rules;
  const set = (part: Partial<Teams>) => teams && change({ teams: { ...teams, ...part } });
  return (
    <>
      {words.teams.who}{" "}
      <ChoiceChip
        label={words.teams.whoLabel}
        place="teams"
        names={COUNTS}
        value={String(teams?.list.length ?? 0)}
        change={(count) =>
          change({
            teams:
              count === "0"
                ? undefined
                : {
                    turns: "in-order",
                    decider: false,
                    ...teams,
                    list: list(teams?.list ?? [], Number(count)),
                  },
          })
        }
      />
      {teams && (
        <>
          {" "}
          <ChoiceChip
            label={words.teams.turnsLabel}
            names={props.turns ?? words.teams.turns}
            value={teams.turns}
            change={(turns) => set({ turns: turns as Teams["turns"] })}
          />{" "}
          {!ownPoints && !asksNothing && (
            <TakeOverSentence takeOver={teams.takeOver} change={(takeOver) => set({ takeOver })} />
          )}{" "}
          {!asksNothing && (
            <>
              {words.teams.tie}{" "}
              <ChoiceChip
                label={words.teams.tieLabel}
                names={words.teams.ties}
                value={teams.decider ? "decider" : "tie"}
                change={(tie) => set({ decider: tie === "decider" })}
              />{" "}
            </>
          )}
          {words.teams.wins} {words.teams.are}{" "}
          {teams.list.map((team, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a team is its place
            <Fragment key={i}>
              <TeamFields
                team={team}
                number={i + 1}
                change={(next) => set({ list: teams.list.with(i, next) })}
              />
              {i + 1 < teams.list.length ? (i + 2 < teams.list.length ? ", " : words.and) : "."}
            </Fragment>
          ))}
        </>
      )}
    </>
  );
}

function TakeOverSentence(props: {
  takeOver?: TakeOver;
  change: (takeOver: TakeOver | undefined) => void;
}) {
  const { takeOver, change } = props;
  return (
    <>
      {words.teams.missed}{" "}
      <ChoiceChip
        label={words.teams.missedLabel}
        names={words.teams.takeOver}
        value={takeOver ? "next" : "none"}
        change={(next) => change(next === "none" ? undefined : { worth: USUAL_TAKE_OVER })}
      />
      {takeOver && (
        <>
          {" "}
          {words.teams.takeOverFor}{" "}
          <NumberChip
            label={words.teams.takeOverWorthLabel}
            value={takeOver.worth ?? USUAL_TAKE_OVER}
            {...limits.TakeOver.worth}
            change={(worth) => change({ ...takeOver, worth })}
          />{" "}
          {words.teams.takeOverWithin}{" "}
          <ChoiceChip
            label={words.teams.ownClockLabel}
            names={words.teams.ownClock}
            value={takeOver.seconds === undefined ? "same" : "own"}
            change={(own) =>
              change({ ...takeOver, seconds: own === "own" ? USUAL_SECONDS : undefined })
            }
          />
          {takeOver.seconds !== undefined && (
            <>
              {" "}
              <NumberChip
                label={words.teams.takeOverClockLabel}
                value={takeOver.seconds}
                {...limits.TakeOver.seconds}
                change={(seconds) => change({ ...takeOver, seconds })}
              />{" "}
              {words.teams.withinSeconds}
            </>
          )}
        </>
      )}
    </>
  );
}

function TeamFields(props: { team: Team; number: number; change: (team: Team) => void }) {
  const { team, number, change } = props;
  return (
    <span className="inline-block whitespace-nowrap">
      <span className="relative mr-0.5 inline-flex items-center rounded-[4px] border-b-2 border-primary/40 align-[-0.2em] has-hover:bg-primary/12 has-focus-visible:outline-3 has-focus-visible:outline-primary">
        <TeamSign sign={team.sign} className="size-5 shrink-0" />
        <select
          aria-label={words.teams.signLabel(number)}
          value={team.sign}
          onChange={(event) => change({ ...team, sign: event.target.value as Sign })}
          className="absolute inset-0 w-full cursor-pointer opacity-0"
        >
          {SIGNS.map((sign) => (
            <option key={sign} value={sign}>
              {words.teams.signs[sign]}
            </option>
          ))}
        </select>
      </span>
      <input
        aria-label={words.teams.name(number)}
        value={team.name}
        maxLength={40}
        dir="auto"
        onChange={(event) => {
          // A team has a name at all times: an empty field keeps the last one until it is left.
          if (event.target.value.trim()) change({ ...team, name: event.target.value });
        }}
        className={`${CHIP} max-w-full min-w-[2ch] not-supports-[field-sizing:content]:w-28`}
      />
    </span>
  );
}
