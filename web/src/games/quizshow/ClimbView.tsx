import type { OfClimb, Side } from "../../generated/types";
import { TeamSign } from "../../stage/teamSigns";
import { MANY, type StepPlace, WIDTH, windingPath } from "./climbLayout";
import { boardWords } from "./words";

const COMPACT = new Intl.NumberFormat("en-GB", { notation: "compact", maximumFractionDigits: 1 });
const FULL = 99_999;
const DIGIT = 40;

const worthText = (worth: number) => (worth > FULL ? COMPACT.format(worth) : String(worth));

/** The whole climb: a path that winds up a slope, every step with its worth, and who stands where. */
export function ClimbView(props: {
  climb: OfClimb;
  teams: Side[];
  /** Looked back at, in less room: only where one stands is written. */
  small?: boolean;
}) {
  const { climb, teams, small = false } = props;
  const { steps, heights } = climb;
  const { places, height, path, slope } = windingPath(steps.length);
  const here = heightNow(climb, teams);
  const many = steps.length > MANY;
  const isDot = (step: number) => {
    if (step === here) return false;
    if (small) return true;
    return many && step !== here + 1 && step !== steps.length && !steps[step - 1]?.rest;
  };
  return (
    <div className="climb">
      <svg
        viewBox={`0 0 ${WIDTH} ${height}`}
        role="img"
        aria-label={boardWords.climb.at(here, steps.length)}
        className="min-h-0 w-full flex-1"
      >
        <path d={slope} className="fill-base-300 opacity-45" />
        <path
          d={path}
          className="fill-none stroke-edge"
          strokeWidth={14}
          strokeDasharray="4 26"
          strokeLinecap="round"
        />
        {places.map((place, step) => (
          <Step
            // biome-ignore lint/suspicious/noArrayIndexKey: a step is its place
            key={step}
            place={place}
            worth={steps[step - 1]?.worth}
            rest={steps[step - 1]?.rest === true}
            top={step === steps.length}
            state={step === here ? "here" : step < here ? "done" : "open"}
            dot={isDot(step)}
            large={small}
          />
        ))}
      </svg>
      {teams.length > 0 && (
        <ul className="flex flex-wrap gap-x-[1em]">
          {teams.map((side, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a team is its place
            <li key={i} className="flex items-center gap-[0.3em]">
              <TeamSign sign={side.sign} />
              <span className="sr-only">{side.name}: </span>
              {boardWords.climb.atShort(heights[i] ?? 0)}
            </li>
          ))}
        </ul>
      )}
      <ol className="sr-only">
        {steps.map((step, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a step is its place
          <li key={i}>{boardWords.climb.step(i + 1, step.worth, step.rest)}</li>
        ))}
      </ol>
    </div>
  );
}

const PLATES = {
  here: "fill-accent stroke-base-content",
  done: "fill-success stroke-success",
  open: "fill-card stroke-edge",
};

const INKS = {
  here: "fill-accent-content",
  done: "fill-success-content",
  open: "fill-base-content",
};

/** A step as a plate with its worth; a resting place has a tent on it, the top a flag. */
function Step(props: {
  place: StepPlace;
  /** Nothing at the foot. */
  worth?: number;
  rest: boolean;
  top: boolean;
  state: keyof typeof PLATES;
  /** One of many, with nothing written on it. */
  dot: boolean;
  /** Written so large that it can be read where the drawing is small. */
  large: boolean;
}) {
  const { place, worth, rest, top, state, dot, large } = props;
  if (dot) {
    return <circle cx={place.x} cy={place.y} r={26} strokeWidth={5} className={PLATES[state]} />;
  }
  const text = worth === undefined ? "" : `${state === "done" ? "✓ " : ""}${worthText(worth)}`;
  const size = large ? 110 : 64;
  const wide = Math.max(96, (text.length * DIGIT * size) / 64 + 50);
  const tall = size * 1.4;
  return (
    <g data-step={state}>
      {rest && <Tent x={place.x} y={place.y - tall / 2} />}
      {top && !rest && <Flag x={place.x} y={place.y - tall / 2} />}
      <rect
        x={place.x - wide / 2}
        y={place.y - tall / 2}
        width={wide}
        height={tall}
        rx={tall / 2}
        strokeWidth={state === "here" ? 11 : 4}
        className={PLATES[state]}
      />
      <text
        x={place.x}
        y={place.y + 3}
        textAnchor="middle"
        dominantBaseline="central"
        fontSize={size}
        className={`font-display font-semibold ${INKS[state]}`}
      >
        {text}
      </text>
      {state === "here" && <Climber x={place.x} y={place.y - tall / 2} beside={wide / 2} />}
    </g>
  );
}

/** A resting place. */
function Tent({ x, y }: { x: number; y: number }) {
  return (
    <path
      d={`M ${x - 46} ${y + 4} L ${x} ${y - 56} L ${x + 46} ${y + 4} Z M ${x} ${y - 56} V ${y}`}
      className="fill-card stroke-base-content"
      strokeWidth={6}
      strokeLinejoin="round"
    />
  );
}

/** The top. */
function Flag({ x, y }: { x: number; y: number }) {
  return (
    <path
      d={`M ${x} ${y} v -84 l 62 22 l -62 22`}
      className="fill-accent stroke-base-content"
      strokeWidth={6}
      strokeLinejoin="round"
    />
  );
}

/** Who climbs, with a stick. */
function Climber({ x, y, beside }: { x: number; y: number; beside: number }) {
  const left = x - beside - 30;
  return (
    <g
      className="fill-none stroke-base-content"
      strokeWidth={11}
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      <circle cx={left} cy={y - 6} r={17} className="fill-primary stroke-base-content" />
      <path
        d={`M ${left} ${y + 14} v 42 l -20 40 M ${left} ${y + 56} l 22 40 M ${left} ${y + 28} l 34 16 M ${left + 36} ${y + 10} v 86`}
      />
    </g>
  );
}

/** The step of who answers now; 0 at the foot. */
export function heightNow({ heights }: OfClimb, teams: Side[]): number {
  return (
    heights[
      Math.max(
        0,
        teams.findIndex((side) => side.turn),
      )
    ] ?? 0
  );
}

/** Where the climb stands, in one line: for the foot of a question. */
export function climbLine(climb: OfClimb, teams: Side[]): string {
  const here = heightNow(climb, teams);
  const kept = climb.missEnds
    ? boardWords.climb.keptEnds(climb.kept)
    : boardWords.climb.kept(climb.kept);
  return `${boardWords.climb.at(here, climb.steps.length)}. ${kept}`;
}
