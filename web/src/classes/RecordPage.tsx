import { ChevronLeft, Printer } from "lucide-react";
import { Link, useParams } from "react-router";
import { useRecord } from "../api/classes";
import { Shell } from "../app/Shell";
import type { LearnerRecord } from "../generated/types";
import { Rich } from "../rich/Rich";
import { Failed, Loading } from "../ui/Notice";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/en";
import { whenWords } from "../words/format";
import { Cell } from "./TermPage";

const said = words.classes.record;

/** All that one learner did, on one page that can be printed. */
export default function RecordPage() {
  const { id = "", learner = "" } = useParams();
  const record = useRecord(id, learner);
  return (
    <Shell>
      <div className="mx-auto max-w-4xl px-4 py-5 sm:px-7">
        <div className="mb-3 flex flex-wrap items-center gap-3">
          <Link to={`/classes/${id}/term`} className="btn btn-ghost mr-auto -ml-3 px-3">
            <ChevronLeft size={18} aria-hidden="true" />
            {words.classes.term.title}
          </Link>
          {record.data && (
            <button type="button" className="btn btn-outline" onClick={() => print()}>
              <Printer size={18} aria-hidden="true" />
              {words.classes.print}
            </button>
          )}
        </div>
        {record.isPending && <Loading inside />}
        {record.isError && <Failed error={record.error} again={record.refetch} inside />}
        {record.data && <OneRecord record={record.data} />}
      </div>
    </Shell>
  );
}

function OneRecord({ record }: { record: LearnerRecord }) {
  const { name, className, lines } = record;
  usePageTitle(said.title(name));
  return (
    <div>
      <h1 className="text-3xl font-semibold [overflow-wrap:anywhere]">
        <bdi>{name}</bdi>
      </h1>
      <p className="mb-5 text-lg text-soft">
        {className}
        <span className="only-paper">{words.classes.onPaper("", new Date())}</span>
      </p>
      {lines.length === 0 && <p>{said.none}</p>}
      <ul className="grid gap-2">
        {lines.map((line) => (
          <li
            key={line.assignment}
            className="grid gap-x-6 rounded-[4px] bg-card px-5 py-3 md:grid-cols-[1fr_12rem]"
          >
            <div>
              <h2 className="font-display text-lg font-semibold [overflow-wrap:anywhere]">
                {line.title || words.activities.untitled}
              </h2>
              <p className="text-soft">
                {line.closes ? words.classes.given.until(line.closes) : words.classes.given.always}
              </p>
              <ol>
                {line.games.map((game) => (
                  <li key={game.sitting} className="text-sm text-soft">
                    {said.game(
                      whenWords(new Date(game.openedAt)),
                      game.outcome
                        ? words.classes.glance.points(game.outcome.points, game.outcome.possible)
                        : said.running,
                    )}
                    {game.comments.map((comment) => (
                      <figure
                        key={`${comment.comment} ${comment.points}`}
                        className="my-1 border-l-4 border-primary pl-3 text-base text-base-content"
                      >
                        <figcaption className="text-sm text-soft">
                          <Rich words={comment.question} />{" "}
                          {words.results.points(comment.points, comment.worth)}
                        </figcaption>
                        <blockquote className="whitespace-pre-line [overflow-wrap:anywhere]">
                          {comment.comment}
                        </blockquote>
                      </figure>
                    ))}
                  </li>
                ))}
              </ol>
            </div>
            <p className="md:text-right">
              <Cell cell={line.cell} />
            </p>
          </li>
        ))}
      </ul>
    </div>
  );
}
