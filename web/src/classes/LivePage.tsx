import { ChevronLeft, Presentation } from "lucide-react";
import { useEffect, useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import { Shell } from "../app/Shell";
import type { LiveLine, Marker } from "../generated/types";
import { Pennant } from "../stage/Pennant";
import { Loading } from "../ui/Notice";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/en";
import { type Live, useLive } from "./useLive";

/** Who does nothing for so long may be stuck. */
const STUCK_MILLIS = 3 * 60_000;
const TICK_MILLIS = 15_000;

const said = words.classes.live;

/**
 * A class while it plays: with names for the teacher, or for whoever covers for her; without them for
 * the projector.
 */
export default function LivePage() {
  const { id = "", assignment = "" } = useParams();
  const [params, setParams] = useSearchParams();
  const live = useLive(assignment);
  if (params.has("projector")) {
    return (
      <main className="min-h-full p-6 text-2xl">
        <div className="mb-4 flex flex-wrap items-center gap-4">
          <Heading live={live} size="text-4xl" />
          <button type="button" className="btn btn-ghost" onClick={() => setParams({})}>
            {said.names}
          </button>
        </div>
        <Lines live={live} nameless />
      </main>
    );
  }
  return (
    <Shell>
      <div className="mx-auto max-w-[110rem] px-4 py-5 sm:px-7">
        <Link
          to={id ? `/classes/${id}/${assignment}` : "/cover"}
          className="btn btn-ghost -ml-3 px-3"
        >
          <ChevronLeft size={18} aria-hidden="true" />
          {id ? said.back : words.cover.back}
        </Link>
        <div className="mb-3 flex flex-wrap items-center gap-4">
          <Heading live={live} size="text-3xl" />
          <button
            type="button"
            className="btn btn-outline"
            onClick={() => setParams({ projector: "" })}
          >
            <Presentation size={18} aria-hidden="true" />
            {said.projector}
          </button>
        </div>
        <Lines live={live} />
      </div>
    </Shell>
  );
}

function Heading({ live, size }: { live: Live; size: string }) {
  usePageTitle(said.title);
  return (
    <div className="mr-auto min-w-0">
      <p className="text-base text-soft">{said.title}</p>
      <h1 className={`${size} font-semibold [overflow-wrap:anywhere]`}>
        {live.title === undefined ? said.title : live.title || words.activities.untitled}
      </h1>
    </div>
  );
}

function Lines({ live, nameless = false }: { live: Live; nameless?: boolean }) {
  const [now, setNow] = useState(Date.now());
  useEffect(() => {
    const tick = setInterval(() => setNow(Date.now()), TICK_MILLIS);
    return () => clearInterval(tick);
  }, []);
  const { lines, ahead, lost } = live;
  if (!lines) return <Loading inside />;
  const begun = lines.filter(({ since }) => since !== undefined);
  // As everywhere: who is excused is in no count, and one finished game is enough.
  const counted = lines.filter((line) => line.counted);
  const started = counted.filter(({ since }) => since !== undefined);
  const finished = counted.filter((line) => line.finished);
  return (
    <>
      {lost && (
        <p role="status" className="mb-3 rounded-[4px] border-l-8 border-accent bg-card p-3">
          {said.lost}
        </p>
      )}
      <p role="status" className="mb-4 font-display text-xl font-semibold">
        {lines.length === 0
          ? said.nobody
          : said.counts(started.length, counted.length, finished.length)}
      </p>
      <ul className={nameless ? "grid gap-x-10 gap-y-4 lg:grid-cols-2" : "rounded-[4px] bg-card"}>
        {(nameless ? begun : lines).map((line, i) => (
          <Line
            key={line.learner}
            line={line}
            name={nameless ? said.learner(i + 1) : line.name}
            quiet={line.since === undefined ? 0 : Math.max(0, now + ahead - line.since)}
            nameless={nameless}
          />
        ))}
      </ul>
    </>
  );
}

/** How far she is, as small pennants in a row; a word for each, for who can't see them. */
function Pennants({ markers, width }: { markers: Marker[]; width: number }) {
  return (
    <ol className="flex min-w-0 flex-wrap gap-1">
      {markers.map(({ question, state }, i) => (
        <li key={question}>
          <Pennant state={state} width={width} />
          <span className="sr-only">{words.game.marker(i + 1, state)}</span>
        </li>
      ))}
    </ol>
  );
}

function Line(props: { line: LiveLine; name: string; quiet: number; nameless: boolean }) {
  const { line, name, quiet, nameless } = props;
  const { markers, number, since, through } = line;
  const stuck = since !== undefined && !through && quiet > STUCK_MILLIS;
  const where =
    since === undefined
      ? said.notBegun
      : through
        ? said.through
        : number === undefined
          ? ""
          : said.at(number);
  if (nameless) {
    return (
      <li aria-label={name}>
        <Pennants markers={markers} width={48} />
      </li>
    );
  }
  return (
    <li className="grid items-center gap-x-5 border-b border-line px-4 py-1.5 last:border-0 md:grid-cols-[11rem_1fr_18rem]">
      <bdi className="font-display font-semibold [overflow-wrap:anywhere]">
        {name}
        {line.excused && (
          <span className="ml-2 font-sans text-sm font-normal text-soft">
            {words.classes.term.excused}
          </span>
        )}
      </bdi>
      <Pennants markers={markers} width={24} />
      <p className="text-soft md:text-right">
        {stuck && (
          <span className="mr-2 rounded-[4px] bg-accent px-2 font-semibold text-accent-content">
            {said.stuck}
          </span>
        )}
        {line.finished && !through ? said.again(where) : where}
        {since !== undefined && !through && (
          <span className="block text-sm">{said.since(Math.floor(quiet / 60_000))}</span>
        )}
      </p>
    </li>
  );
}
