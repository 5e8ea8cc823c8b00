import { useDeferredValue, useState } from "react";
import { Link } from "react-router";
import { usePlayed } from "../api/results";
import { Shell } from "../app/Shell";
import { FIELD } from "../ui/field";
import { Failed, Loading } from "../ui/Notice";
import { Pressed } from "../ui/Pressed";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/en";
import { whenWords } from "../words/format";

const KINDS = ["all", "classes", "others"] as const;
type Kind = (typeof KINDS)[number];

/** What was played: what there is to mark comes first. */
export default function ResultsPage() {
  usePageTitle(words.results.title);
  const played = usePlayed();
  const [search, setSearch] = useState("");
  const [kind, setKind] = useState<Kind>("all");
  const looked = useDeferredValue(search.trim().toLowerCase());
  const shown = (played.data ?? []).filter(
    ({ title, games, inClasses }) =>
      title.toLowerCase().includes(looked) &&
      (kind === "all" || (kind === "classes" ? inClasses > 0 : inClasses < games)),
  );
  const both = played.data?.some(({ inClasses }) => inClasses > 0) ?? false;
  return (
    <Shell>
      <div className="mx-auto max-w-5xl px-4 py-6 sm:px-7">
        <h1 className="mb-5 text-3xl font-semibold">{words.results.title}</h1>
        {played.isPending && <Loading inside />}
        {played.isError && <Failed error={played.error} again={played.refetch} inside />}
        {played.data?.length === 0 && (
          <div className="flex flex-col items-start gap-5 py-8">
            <p className="max-w-xl text-lg">{words.results.empty}</p>
            <Link to="/activities" className="btn btn-primary">
              {words.results.toActivities}
            </Link>
          </div>
        )}
        {(played.data?.length ?? 0) > 1 && (
          <div className="mb-4 flex flex-wrap items-center gap-2">
            {both && (
              <Pressed
                label={words.results.which}
                options={KINDS.map((key) => ({ key, text: words.results.kinds[key] }))}
                value={kind}
                choose={setKind}
              />
            )}
            <input
              type="search"
              aria-label={words.results.find}
              placeholder={words.results.find}
              value={search}
              onChange={(event) => setSearch(event.target.value)}
              className={`${FIELD} h-11 max-w-56`}
            />
          </div>
        )}
        {played.data && played.data.length > 0 && shown.length === 0 && (
          <p className="text-lg">{words.results.noneFound}</p>
        )}
        <ul className="grid gap-3">
          {shown.map((activity) => (
            <li key={activity.id}>
              <Link
                to={`/results/${activity.id}`}
                className="grid items-center gap-x-6 gap-y-1 rounded-[14px] border border-line bg-card px-5 py-4 shadow-lift hover:border-edge md:grid-cols-[1fr_13rem_11rem]"
              >
                <span className="font-display text-lg font-semibold [overflow-wrap:anywhere]">
                  {activity.title || words.activities.untitled}
                  <span className="block font-sans text-base font-normal text-soft">
                    {words.results.last(whenWords(new Date(activity.last)))}
                  </span>
                </span>
                <span className="text-soft">
                  {words.results.games(activity.games)},{" "}
                  {words.results.ended(activity.ended, activity.games)}
                  {activity.inClasses > 0 && (
                    <span className="block">
                      {words.results.inClasses(activity.inClasses, activity.games)}
                    </span>
                  )}
                </span>
                <Waiting n={activity.waiting} />
              </Link>
            </li>
          ))}
        </ul>
      </div>
    </Shell>
  );
}

function Waiting({ n }: { n: number }) {
  if (n === 0) return <span className="text-soft">{words.results.nothingToMark}</span>;
  return (
    <span className="justify-self-start rounded-[4px] bg-accent px-2 py-0.5 font-semibold text-accent-content">
      {words.results.toMark(n)}
    </span>
  );
}
