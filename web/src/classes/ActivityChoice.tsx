import { useActivitySearch } from "../activities/useActivitySearch";
import { FIELD } from "../ui/field";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";

/** An activity as it is chosen. */
export interface Chosen {
  id: string;
  title: string;
}

/** A list of the teacher's activities to choose one from, or several. */
export function ActivityChoice(props: {
  legend: string;
  several?: boolean;
  chosen: Chosen[];
  choose: (activity: Chosen, chosen: boolean) => void;
  takesFocus?: boolean;
}) {
  const { legend, several = false, chosen, choose, takesFocus = false } = props;
  const { search, setSearch, activities, cards } = useActivitySearch();
  return (
    <fieldset>
      <legend>{legend}</legend>
      <input
        type="search"
        data-first={takesFocus || undefined}
        aria-label={words.classes.giving.find}
        placeholder={words.classes.giving.find}
        value={search}
        onChange={(event) => setSearch(event.target.value)}
        className={`${FIELD} my-1 h-11`}
      />
      {activities.isPending && <p role="status">{words.loading}</p>}
      {activities.isError && <p role="alert">{problemWords(activities.error)}</p>}
      {activities.isSuccess && cards.length === 0 && (
        <p role="status">{search ? words.activities.none : words.classes.giving.noActivity}</p>
      )}
      <ul className="empty:hidden grid max-h-56 gap-x-4 overflow-y-auto rounded-[4px] bg-card p-2 md:grid-cols-2">
        {cards.map(({ id, title, playable, findings }) => (
          <li key={id}>
            <label className="flex min-h-11 items-center gap-3 [overflow-wrap:anywhere]">
              <input
                type={several ? "checkbox" : "radio"}
                name="activity"
                className={`${several ? "checkbox" : "radio"} shrink-0`}
                checked={chosen.some((one) => one.id === id)}
                onChange={(event) => choose({ id, title }, event.target.checked)}
              />
              <span>
                {title || words.activities.untitled}
                {!playable && (
                  <span className="block text-sm text-error">
                    <span aria-hidden="true">△ </span>
                    {words.activities.notReady(findings)}
                  </span>
                )}
              </span>
            </label>
          </li>
        ))}
      </ul>
      {activities.hasNextPage && <p className="text-soft">{words.classes.giving.more}</p>}
    </fieldset>
  );
}
