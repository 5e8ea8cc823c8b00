import { useQueryClient } from "@tanstack/react-query";
import { Play } from "lucide-react";
import { useState } from "react";
import { Link } from "react-router";
import { listAnew } from "../api/listAnew";
import { hideContribution, resultKeys, useAnswers } from "../api/results";
import type { Entry, GameAnswers, Reviewed } from "../generated/types";
import { LookBack } from "../questions/answers/LookBack";
import { Failed, problemWords } from "../ui/Notice";
import { words } from "../words/en";
import { Marking } from "./Marking";
import { WatchedLine } from "./WatchedMap";

/** All that was answered and entered in a game, with what can be done about it. */
export function Answers({ activity, sitting }: { activity: string; sitting: string }) {
  const queries = useQueryClient();
  const read = useAnswers(activity, sitting);
  if (read.isPending) {
    return (
      <p role="status" className="border-t border-line p-4">
        {words.loading}
      </p>
    );
  }
  if (read.isError) return <Failed error={read.error} again={read.refetch} inside />;
  const { game, answers, entries, others, watched, markable } = read.data;
  const changed = (after: GameAnswers) => {
    queries.setQueryData(resultKeys.answers(activity, sitting), after);
    listAnew(queries, resultKeys.of(activity));
  };
  const left = game.score.asked - answers.length;
  return (
    <div className="border-t border-line p-4">
      {game.recounted && <p className="mb-3 text-soft">{words.results.recounted}</p>}
      {game.learner === 0 && !game.outcome && (
        <Link className="btn btn-outline mb-3" to={`/present/${activity}?sitting=${game.sitting}`}>
          <Play size={18} aria-hidden="true" />
          {words.results.goOn}
        </Link>
      )}
      {watched && <WatchedLine watched={watched} />}
      <ol className="grid gap-3">
        {answers.map((answer) => (
          <LookBack key={answer.question.id} question={answer.question} told={answer.told}>
            <Facts answer={answer} />
            {markable.includes(answer.question.id) && (
              <Marking activity={activity} game={game} answer={answer} changed={changed} />
            )}
            {answer.question.kind === "discussion" && answer.told.response && (
              <Hiding read={read.data} question={answer.question.id} changed={changed} />
            )}
          </LookBack>
        ))}
      </ol>
      {entries.length > 0 && <Entries entries={entries} />}
      {others.map((other) => (
        <p key={other.item} className="mt-3">
          {words.results.other(other)}
        </p>
      ))}
      {left > 0 && <p className="mt-3 text-soft">{words.results.notReached(left)}</p>}
    </div>
  );
}

/** All that was entered, found or not, in its order. */
function Entries({ entries }: { entries: Entry[] }) {
  return (
    <section className="mt-4" aria-label={words.results.entries(entries.length)}>
      <h3 className="mb-1 font-display font-semibold">{words.results.entries(entries.length)}</h3>
      <ol className="flex flex-wrap gap-x-5 gap-y-1">
        {entries.map((entry, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: an entry is its place
          <li key={i} className="[overflow-wrap:anywhere]">
            <span className={entry.counted && entry.verdict === "right" ? "text-success" : ""}>
              <span aria-hidden="true">
                {entry.verdict === "right" ? "✓" : entry.verdict === "partly" ? "≈" : "✕"}
              </span>{" "}
              {entry.text}
            </span>{" "}
            <span className="text-sm text-soft">{words.results.entry(entry)}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}

function Facts({ answer }: { answer: Reviewed }) {
  const { tries, hints, told, question, parts, when } = answer;
  const facts = [
    parts.length > 0 ? words.results.parts(parts) : "",
    answer.marking === "none" ? "" : words.results.points(told.points, question.worth),
    tries > 1 ? words.results.tries(tries) : "",
    hints > 0 ? words.results.hints(hints) : "",
    when ? words.results.when(when, told.verdict) : "",
  ].filter(Boolean);
  return <p className="text-sm text-soft">{facts.join(" · ")}</p>;
}

function Hiding(props: {
  read: GameAnswers;
  question: string;
  changed: (game: GameAnswers) => void;
}) {
  const { read, question, changed } = props;
  const [problem, setProblem] = useState<string>();
  const hidden = read.hidden.includes(question);
  const turn = () =>
    hideContribution(read.game.sitting, question, !hidden)
      .then(changed)
      .catch((error) => setProblem(problemWords(error)));
  return (
    <p className="mt-1 flex flex-wrap items-center gap-3">
      <span className="text-soft">{hidden ? words.results.hiddenNote : words.results.shared}</span>
      <button type="button" className="btn btn-outline" onClick={turn}>
        {hidden ? words.results.unhide : words.results.hide}
      </button>
      {problem && <span role="alert">{problem}</span>}
    </p>
  );
}
