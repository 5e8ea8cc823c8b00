import { Search } from "lucide-react";
import type { Looking } from "../api/teacher";
import { nameOfGame } from "../games";
import type { Facet, Facets } from "../generated/types";
import { words } from "../words/en";

const FIELD = "h-11 rounded-[14px] border border-edge bg-card px-3";

type Filter = keyof typeof words.activities.filters;

/** Search, filters by what there is, and how the list is sorted. */
export function Filters(props: {
  looking: Looking;
  facets: Facets;
  total: number;
  change: (part: Looking) => void;
  clear: () => void;
}) {
  const { looking, facets, total, change, clear } = props;
  const values: Record<Filter, Facet[]> = {
    kind: facets.kinds,
    subject: facets.subjects,
    year: facets.years,
    tag: facets.tags,
  };
  const removed = looking.removed !== undefined;
  return (
    <search className="mb-5 flex flex-wrap items-center gap-2">
      <label className="relative min-w-56 flex-1">
        <span className="sr-only">{words.activities.search}</span>
        <Search size={18} aria-hidden="true" className="absolute top-3.5 left-3 text-soft" />
        <input
          type="search"
          className={`${FIELD} w-full pl-10`}
          placeholder={words.activities.searchPlaceholder}
          value={looking.search ?? ""}
          onChange={(event) => change({ search: event.target.value })}
        />
      </label>
      {(Object.keys(values) as Filter[]).map(
        (filter) =>
          (values[filter].length > 1 || looking[filter]) && (
            <select
              key={filter}
              aria-label={words.activities.filters[filter]}
              className={`${FIELD} max-w-48 ${looking[filter] ? "border-primary font-semibold" : ""}`}
              value={looking[filter] ?? ""}
              onChange={(event) => change({ [filter]: event.target.value })}
            >
              <option value="">{words.activities.any[filter]}</option>
              {values[filter].map(({ value, count }) => (
                <option key={value} value={value}>
                  {words.activities.counted(nameOf(filter, value), count)}
                </option>
              ))}
            </select>
          ),
      )}
      <select
        aria-label={words.activities.sort}
        className={FIELD}
        value={looking.sort ?? "changed"}
        onChange={(event) =>
          change({ sort: event.target.value === "changed" ? "" : event.target.value })
        }
      >
        {Object.entries(words.activities.sorts).map(([sort, name]) => (
          <option key={sort} value={sort}>
            {name}
          </option>
        ))}
      </select>
      <p role="status" className="px-1 text-soft">
        {words.activities.total(total)}
      </p>
      {removed ? (
        <button type="button" className="btn btn-ghost" onClick={clear}>
          {words.activities.showThere}
        </button>
      ) : (
        facets.removed > 0 && (
          <button
            type="button"
            className="btn btn-ghost"
            onClick={() => change({ removed: "true" })}
          >
            {words.activities.showRemoved(facets.removed)}
          </button>
        )
      )}
    </search>
  );
}

function nameOf(filter: Filter, value: string): string {
  if (filter === "kind") return nameOfGame(value);
  return filter === "year" ? words.year(Number(value)) : value;
}
