import { useQueryClient } from "@tanstack/react-query";
import { ChevronLeft, FileText } from "lucide-react";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { listAnew } from "../api/listAnew";
import { resultKeys, useGames, useToMark } from "../api/results";
import { Shell } from "../app/Shell";
import { More } from "../ui/More";
import { Failed, Loading } from "../ui/Notice";
import { Toast } from "../ui/Toast";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/en";
import { GameLine } from "./GameLine";
import { leftToMark, ToMarkList } from "./ToMarkList";
import { WatchedMap } from "./WatchedMap";

function ToMark({ activity, say }: { activity: string; say: (text: string) => void }) {
  const queries = useQueryClient();
  const waiting = useToMark(activity);
  if (waiting.isPending) return <Loading inside />;
  if (waiting.isError) return <Failed error={waiting.error} again={waiting.refetch} inside />;
  return (
    <ToMarkList
      waiting={waiting.data}
      say={say}
      marked={(answers) => {
        queries.setQueryData<typeof answers>(resultKeys.toMark(activity), (all) =>
          leftToMark(all, answers),
        );
        listAnew(queries, resultKeys.of(activity));
      }}
    />
  );
}

/** What came back from one activity: answers to mark first, then every game. */
export default function ActivityResultsPage() {
  const { id = "" } = useParams();
  const results = useGames(id);
  const [message, setMessage] = useState<string>();
  const first = results.data?.pages[0];
  usePageTitle(first && words.results.of(first.title || words.activities.untitled));
  const games = results.data?.pages.flatMap((page) => page.games) ?? [];
  return (
    <Shell>
      <div className="mx-auto max-w-5xl px-4 py-6 sm:px-7">
        <Link to="/results" className="btn btn-ghost -ml-3 px-3">
          <ChevronLeft size={18} aria-hidden="true" />
          {words.results.back}
        </Link>
        {results.isPending && <Loading inside />}
        {results.isError && <Failed error={results.error} again={results.refetch} inside />}
        {first && (
          <>
            <div className="mb-6 flex flex-wrap items-center gap-3">
              <h1 className="mr-auto text-3xl font-semibold [overflow-wrap:anywhere]">
                {first.title || words.activities.untitled}
              </h1>
              <Link to={`/activities/${id}`} className="btn btn-outline">
                <FileText size={18} aria-hidden="true" />
                {words.results.build}
              </Link>
            </div>
            {first.waiting > 0 && <ToMark activity={id} say={setMessage} />}
            {first.watched && <WatchedMap map={first.watched} />}
            {games.length === 0 ? (
              <p className="max-w-xl text-lg">{words.results.noGames}</p>
            ) : (
              <section aria-labelledby="games">
                <h2 id="games" className="mb-3 text-xl font-semibold">
                  {words.results.gamesTitle(first.total)}
                </h2>
                <ul className="grid gap-2">
                  {games.map((game) => (
                    <li key={game.sitting}>
                      <GameLine activity={id} game={game} />
                    </li>
                  ))}
                </ul>
                {results.hasNextPage && (
                  <More fetching={results.isFetchingNextPage} fetch={results.fetchNextPage} />
                )}
              </section>
            )}
          </>
        )}
      </div>
      {message && <Toast text={message} close={() => setMessage(undefined)} />}
    </Shell>
  );
}
