import { useQueryClient } from "@tanstack/react-query";
import { ChevronLeft, FileText, Trash2 } from "lucide-react";
import { type ComponentProps, useState } from "react";
import { Link, useParams } from "react-router";
import { listAnew } from "../api/listAnew";
import {
  bringGameBack,
  bringGamesBack,
  removeGame,
  removeGames,
  resultKeys,
  useGames,
  useToMark,
} from "../api/results";
import { Shell } from "../app/Shell";
import { useSettled } from "../build/useSettled";
import { FIELD } from "../ui/field";
import { More } from "../ui/More";
import { Failed, Loading, problemWords } from "../ui/Notice";
import { Pressed } from "../ui/Pressed";
import { Toast } from "../ui/Toast";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/en";
import { GameLine } from "./GameLine";
import { leftToMark, ToMarkList } from "./ToMarkList";
import { WatchedMap } from "./WatchedMap";

const PAUSE_MILLIS = 300;

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
  const queries = useQueryClient();
  const [from, setFrom] = useState<string>();
  const [search, setSearch] = useState("");
  const name = useSettled(search.trim(), PAUSE_MILLIS);
  const results = useGames(id, { from, name });
  const [message, setMessage] = useState<ComponentProps<typeof Toast>>();
  const close = () => setMessage(undefined);
  const say = (text: string) => setMessage({ text, close });
  const anew = () => listAnew(queries, resultKeys.of(id));
  /** Does something that can be undone, and says so. */
  const attempt = <T,>(
    doing: Promise<T>,
    said: (done: T) => string,
    undo: (done: T) => Promise<void>,
  ) =>
    doing
      .then((done) => {
        anew();
        // What was pressed goes with the game.
        document.getElementById("games")?.focus();
        const act = () =>
          undo(done)
            .then(() => {
              anew();
              close();
            })
            .catch((error) => say(problemWords(error)));
        setMessage({ text: said(done), action: words.results.undo, act, close });
      })
      .catch((error) => say(problemWords(error)));
  const first = results.data?.pages[0];
  usePageTitle(first && words.results.of(first.title || words.activities.untitled));
  const games = results.data?.pages.flatMap((page) => page.games) ?? [];
  const all = first?.sources.reduce((n, source) => n + source.games, 0) ?? 0;
  const removable = (from === "link" || from === "front") && first && first.total > 0 && !name;
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
            {first.waiting > 0 && <ToMark activity={id} say={say} />}
            {first.watched && <WatchedMap map={first.watched} />}
            {all === 0 ? (
              <p className="max-w-xl text-lg">{words.results.noGames}</p>
            ) : (
              <section aria-labelledby="games">
                <h2 id="games" tabIndex={-1} className="mb-3 text-xl font-semibold">
                  {words.results.gamesTitle(first.total)}
                </h2>
                <div className="mb-3 flex flex-wrap items-center gap-2">
                  {(first.sources.length > 1 || from !== undefined) && (
                    <Pressed
                      label={words.results.which}
                      options={[
                        { from: undefined, name: undefined, games: all },
                        ...first.sources,
                      ].map((source) => ({
                        key: source.from,
                        text: words.results.source(source.from, source.name, source.games),
                      }))}
                      value={from}
                      choose={setFrom}
                    />
                  )}
                  {first.sources.some((source) => source.name !== undefined) && (
                    <input
                      type="search"
                      aria-label={words.results.findLearner}
                      placeholder={words.results.findLearner}
                      value={search}
                      onChange={(event) => setSearch(event.target.value)}
                      className={`${FIELD} h-11 max-w-56`}
                    />
                  )}
                  {removable && (
                    <button
                      type="button"
                      className="btn btn-ghost ml-auto"
                      onClick={() =>
                        attempt(
                          removeGames(id, from),
                          ({ games }) => words.results.removedAll(games),
                          ({ at }) => bringGamesBack(id, at),
                        ).then(() => setFrom(undefined))
                      }
                    >
                      <Trash2 size={18} aria-hidden="true" />
                      {words.results.removeAll(first.total)}
                    </button>
                  )}
                </div>
                {games.length === 0 && <p className="text-lg">{words.results.noneFound}</p>}
                <ul className="grid gap-2">
                  {games.map((game) => (
                    <li key={game.sitting}>
                      <GameLine
                        activity={id}
                        game={game}
                        remove={() =>
                          attempt(
                            removeGame(game.sitting),
                            () => words.results.removedGame,
                            () => bringGameBack(game.sitting),
                          )
                        }
                      />
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
      {message && <Toast {...message} />}
    </Shell>
  );
}
