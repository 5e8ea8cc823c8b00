import { ChevronLeft } from "lucide-react";
import { Link, useParams } from "react-router";
import { useTerm } from "../api/classes";
import { Shell } from "../app/Shell";
import type { ClassTerm, TermCell } from "../generated/types";
import { Failed, Loading } from "../ui/Notice";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/en";
import { why as whyWords } from "../words/results";
import { NAME } from "./GlanceTable";
import { LearnerLink } from "./LearnerLink";

const said = words.classes.term;

/** The term of a class: learners down, what they were given across. */
export default function TermPage() {
  const { id = "" } = useParams();
  const term = useTerm(id);
  usePageTitle(said.title);
  return (
    <Shell>
      <div className="mx-auto max-w-[100rem] px-4 py-5 sm:px-7">
        <Link to={`/classes/${id}`} className="btn btn-ghost -ml-3 px-3">
          <ChevronLeft size={18} aria-hidden="true" />
          {term.data?.className ?? words.classes.back}
        </Link>
        <h1 className="mb-4 text-3xl font-semibold">{said.title}</h1>
        {term.isPending && <Loading inside />}
        {term.isError && <Failed error={term.error} again={term.refetch} inside />}
        {term.data &&
          (term.data.columns.length === 0 ? <p>{said.none}</p> : <Table term={term.data} />)}
      </div>
    </Shell>
  );
}

function Table({ term }: { term: ClassTerm }) {
  return (
    <section
      className="max-w-full overflow-x-auto"
      aria-label={said.title}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what is wider than the page is moved by keys
      tabIndex={0}
    >
      <table className="border-separate border-spacing-0 bg-card">
        <thead>
          <tr>
            <th scope="col" className={`${NAME} text-start`}>
              {words.classes.glance.learner}
            </th>
            {term.columns.map(({ assignment, title }) => (
              <th
                key={assignment}
                scope="col"
                className="min-w-28 max-w-40 px-3 py-2 text-start align-bottom font-display [overflow-wrap:anywhere]"
              >
                <Link
                  to={`/classes/${term.classId}/${assignment}`}
                  className="underline decoration-edge decoration-dotted underline-offset-4"
                >
                  {title || words.activities.untitled}
                </Link>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {term.lines.map(({ learner, name, cells }) => (
            <tr key={learner}>
              <th scope="row" className={`${NAME} border-t border-line text-start font-normal`}>
                <LearnerLink classId={term.classId} learner={learner} name={name} />
              </th>
              {cells.map((cell, i) => (
                <td
                  key={term.columns[i]?.assignment}
                  className="h-11 border-t border-line px-3 whitespace-nowrap"
                >
                  <Cell cell={cell} />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** What came of it: a sign, and points or a word. */
export function Cell({ cell }: { cell: TermCell }) {
  const { state, excused, outcome, why } = cell;
  return (
    <>
      {outcome ? (
        <span>
          <span
            aria-hidden="true"
            className={outcome.won ? "font-semibold text-success" : "text-soft"}
          >
            {outcome.won ? "✓" : "·"}
          </span>{" "}
          {words.classes.glance.points(outcome.points, outcome.possible)}
          <span className="sr-only">
            {outcome.awaiting === 0 && (outcome.won ? said.passed : said.notPassed)}
          </span>
          {why && <span className="ml-2 text-sm text-soft">{whyWords[why]}</span>}
          {outcome.awaiting > 0 && (
            <span className="ml-2 rounded-[4px] bg-accent px-1.5 text-sm font-semibold text-accent-content">
              {said.waits}
            </span>
          )}
        </span>
      ) : (
        <span className="text-soft">{excused ? said.excused : said.states[state]}</span>
      )}
      {excused && outcome && <span className="ml-2 text-sm text-soft">{said.excused}</span>}
    </>
  );
}
