import type { ClassWatch, Watched, WatchedPart } from "../generated/types";
import { words } from "../words/en";
import { clockTime } from "../words/format";

const said = words.results.watched;

/** Moments that are written below the map: so many, evenly. */
const TICKS = 6;
const HIGH = 72;

/** What the class watched of a film: how many saw each part, where they went back and where they left. */
export function WatchedMap({ map }: { map: ClassWatch }) {
  const { whole, games, share, parts } = map;
  const most = Math.max(games, ...parts.map(({ times }) => times / 10));
  const at = (moment: number) => clockTime(moment / 1000);
  const ticks = Array.from({ length: TICKS + 1 }, (_, i) =>
    at(whole.from + ((whole.to - whole.from) * i) / TICKS),
  );
  const told = parts.filter(
    (part, i) => i === 0 || i === parts.length - 1 || odd(part, parts[i - 1]),
  );
  return (
    <section aria-labelledby="watched" className="mb-8">
      <h2 id="watched" className="mb-1 text-xl font-semibold">
        {said.title}
      </h2>
      <p className="mb-3 text-soft">{said.mean(share, games)}</p>
      <svg
        viewBox={`0 0 ${parts.length * 10} ${HIGH + 16}`}
        preserveAspectRatio="none"
        className="h-28 w-full"
        aria-hidden="true"
      >
        {parts.map((part, i) => (
          <g key={part.from}>
            <rect
              x={i * 10 + 0.5}
              width={9}
              y={HIGH - (HIGH * part.times) / 10 / most}
              height={(HIGH * part.times) / 10 / most}
              className="fill-accent/45"
            />
            <rect
              x={i * 10 + 0.5}
              width={9}
              y={HIGH - (HIGH * part.watched) / most}
              height={(HIGH * part.watched) / most}
              className="fill-primary"
            />
            {part.back > 0 && (
              <rect
                x={i * 10 + 1.5}
                width={7}
                y={HIGH + 3}
                height={4}
                className="fill-base-content"
              />
            )}
            {part.left > 0 && (
              <rect x={i * 10 + 1.5} width={7} y={HIGH + 10} height={5} className="fill-error" />
            )}
          </g>
        ))}
        <path d={`M0 ${HIGH} H${parts.length * 10}`} className="stroke-edge" strokeWidth={1} />
      </svg>
      <p aria-hidden="true" className="flex justify-between text-sm text-soft tabular-nums">
        {ticks.map((tick) => (
          <span key={tick}>{tick}</span>
        ))}
      </p>
      <ul className="mt-2 flex flex-wrap gap-x-5 gap-y-1 text-sm">
        {(
          [
            ["bg-primary", said.saw],
            ["bg-accent/45", said.again],
            ["bg-base-content", said.back],
            ["bg-error", said.left],
          ] as const
        ).map(([colour, name]) => (
          <li key={name} className="flex items-center gap-1.5">
            <span className={`inline-block size-3 rounded-[2px] ${colour}`} aria-hidden="true" />
            {name}
          </li>
        ))}
      </ul>
      <details className="mt-2">
        <summary className="min-h-11 cursor-pointer py-2">{said.asTable}</summary>
        <table className="table">
          <thead>
            <tr>
              {said.columns.map((name) => (
                <th key={name} scope="col">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {told.map((part) => (
              <tr key={part.from}>
                <th scope="row">{at(part.from)}</th>
                <td>{said.of(part.watched, games)}</td>
                <td>{(part.times / 10).toFixed(1)}</td>
                <td>{part.back}</td>
                <td>{part.left}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </section>
  );
}

/** Whether something else is to be told of a part than of the one before it. */
const odd = (part: WatchedPart, before?: WatchedPart) =>
  part.watched !== before?.watched || part.times !== before.times || part.back > 0 || part.left > 0;

/** How much of a film one learner watched, and where. */
export function WatchedLine({ watched }: { watched: Watched }) {
  const { whole, stretches, share, needed, place } = watched;
  const length = Math.max(1, whole.to - whole.from);
  const across = (moment: number) => `${(100 * (moment - whole.from)) / length}%`;
  return (
    <div className="mb-4">
      <p>
        {said.one(share)}
        {share < needed && <span className="text-soft"> {said.needed(needed)}</span>}
        {place < whole.to && (
          <span className="text-soft"> {said.stood(clockTime(place / 1000))}</span>
        )}
      </p>
      <div
        aria-hidden="true"
        className="relative mt-1 h-2 overflow-hidden rounded-[4px] bg-base-300"
      >
        {stretches.map((stretch, i) => (
          <span
            // biome-ignore lint/suspicious/noArrayIndexKey: a stretch is its place
            key={i}
            className="absolute inset-y-0 bg-primary/70"
            style={{
              left: across(stretch.from),
              width: `${(100 * (stretch.to - stretch.from)) / length}%`,
            }}
          />
        ))}
      </div>
    </div>
  );
}
