import { X } from "lucide-react";
import type { ReactNode } from "react";
import { CHIP } from "../../build/chips";

/** A choice inside a sentence; one that may be of nothing says so first. */
export function PickChip(props: {
  label: string;
  value: string | undefined;
  names: [id: string, name: string][];
  /** What is said for nothing; without it something is always chosen. */
  none?: string;
  change: (id: string | undefined) => void;
}) {
  const { label, value, names, none, change } = props;
  return (
    <select
      aria-label={label}
      className={`${CHIP} max-w-full`}
      value={value ?? ""}
      onChange={(event) => change(event.target.value || undefined)}
    >
      {none !== undefined && <option value="">{none}</option>}
      {names.map(([id, name]) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </select>
  );
}

/** Several of a list, each with a way to take it out, and a choice that adds one more. */
export function Several(props: {
  lead: string;
  chosen: [id: string, name: string][];
  none: string;
  addLabel: string;
  removeLabel: (name: string) => string;
  remove: (id: string, place: number) => void;
  /** Groups of what can be added; a group without a name stands by itself. */
  more: { name?: string; entries: [id: string, name: string][] }[];
  add: (id: string) => void;
  /** What stands beside one of the chosen. */
  beside?: (id: string, place: number) => ReactNode;
}) {
  const { lead, chosen, none, addLabel, removeLabel, remove, more, add, beside } = props;
  return (
    <div className="flex flex-wrap items-center gap-1.5 py-1">
      <span className="text-soft">{lead}</span>
      {chosen.length === 0 && <span className="text-soft">{none}</span>}
      {chosen.map(([id, name], i) => (
        <span
          // biome-ignore lint/suspicious/noArrayIndexKey: the same may be chosen twice
          key={`${id} ${i}`}
          className="flex min-h-9 items-center gap-0.5 rounded-[14px] border border-edge pl-2.5"
        >
          <span className="max-w-60 truncate">{name}</span>
          {beside?.(id, i)}
          <button
            type="button"
            className="grid size-9 cursor-pointer place-items-center text-soft"
            aria-label={removeLabel(name)}
            onClick={() => remove(id, i)}
          >
            <X size={15} aria-hidden="true" />
          </button>
        </span>
      ))}
      {more.some(({ entries }) => entries.length > 0) && (
        <select
          aria-label={addLabel}
          className={`${CHIP} max-w-44`}
          value=""
          onChange={(event) => event.target.value && add(event.target.value)}
        >
          <option value="">+</option>
          {more.map(({ name, entries }) =>
            name === undefined ? (
              entries.map(([id, said]) => (
                <option key={id} value={id}>
                  {said}
                </option>
              ))
            ) : entries.length === 0 ? null : (
              <optgroup key={name} label={name}>
                {entries.map(([id, said]) => (
                  <option key={id} value={id}>
                    {said}
                  </option>
                ))}
              </optgroup>
            ),
          )}
        </select>
      )}
    </div>
  );
}
