import { Link } from "react-router";
import { restoreGiven } from "../api/classes";
import type { ClassView, Given } from "../generated/types";
import { words } from "../words/en";
import { day } from "../words/format";
import { RemovedList } from "./RemovedList";
import type { useDoing } from "./useDoing";

/** What was just removed, for the page that is gone back to. */
export interface Removed {
  id: string;
  title: string;
}

/** What was given to a class, one line each, the newest first; then what was removed. */
export function GivenList(props: {
  view: ClassView;
  attempt: ReturnType<typeof useDoing>["attempt"];
}) {
  const { view, attempt } = props;
  return (
    <section aria-labelledby="given" className="mb-9">
      <h2 id="given" className="mb-2 text-xl font-semibold">
        {words.classes.given.title}
      </h2>
      {view.given.length === 0 && <p className="text-soft">{words.classes.given.none}</p>}
      <ul className="grid gap-2">
        {view.given.map((given) => (
          <li key={given.id}>
            <Link
              to={`/classes/${view.card.id}/${given.id}`}
              className="grid items-center gap-x-6 gap-y-0.5 rounded-[14px] border border-line bg-card px-5 py-3 shadow-lift hover:border-edge md:grid-cols-[1fr_15rem_13rem]"
            >
              <span className="font-display text-lg font-semibold [overflow-wrap:anywhere]">
                {given.title || words.activities.untitled}
                {given.learners && (
                  <span className="ml-3 font-sans text-base font-normal text-soft">
                    {words.classes.given.chosen(given.learners.length)}
                  </span>
                )}
              </span>
              <span className="text-soft">{whenOf(given)}</span>
              <span>
                {words.classes.given.progress(given)}
                {given.waiting > 0 && (
                  <span className="mt-0.5 block w-fit rounded-[4px] bg-accent px-2 font-semibold text-accent-content">
                    {words.classes.given.toMark(given.waiting)}
                  </span>
                )}
              </span>
            </Link>
          </li>
        ))}
      </ul>
      <RemovedList
        title={words.classes.removedTitle(view.removed.length)}
        text={words.classes.removedText}
        removed={view.removed.map(({ id, title, removedAt }) => ({
          id,
          name: title || words.activities.untitled,
          when: day(new Date(removedAt)),
        }))}
        restore={(id) => attempt(restoreGiven(id))}
      />
    </section>
  );
}

/** From when to when it can be played, as far as that matters now. */
export function whenOf({ open, takenBack, terms }: Given): string {
  const { opens, closes } = terms;
  if (takenBack) return words.classes.given.takenBack;
  if (open) return closes ? words.classes.given.until(closes) : words.classes.given.always;
  const soon = opens !== undefined && new Date(opens) > new Date();
  if (soon) return words.classes.given.from(opens);
  return words.classes.given.over(closes);
}
