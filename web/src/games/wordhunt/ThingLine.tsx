import { X } from "lucide-react";
import { type ClipboardEvent, type KeyboardEvent, useEffect, useRef, useState } from "react";
import { placeOf } from "../../build/places";
import { limits } from "../../generated/limits";
import type { Thing } from "../../generated/types";
import { isList } from "../../lists/lines";
import { LINE_FIELD } from "../../questions/editors/rows";
import { useWholeNumber } from "../../ui/useWholeNumber";
import { othersOf, withOthers } from "./hunting";
import { sheetWords } from "./sheetWords";

interface LineProps {
  thing: Thing;
  number: number;
  /** What a find is worth that has no worth of its own. */
  usual: number;
  /** Whether things have places. */
  places: boolean;
  chosen: boolean;
  /** Whether its name takes the cursor. */
  wanted: boolean;
  got: () => void;
  choose: () => void;
  change: (part: Partial<Thing>, key: string) => void;
  next: () => void;
  paste: (text: string) => void;
  move: (by: 1 | -1) => void;
  remove: () => void;
}

/** A thing on the sheet: its name, and its other names beside it. */
export function ThingLine(props: LineProps) {
  const { thing, number, usual, places, chosen, wanted, got, choose, change, next } = props;
  const name = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (!wanted) return;
    name.current?.focus();
    got();
  }, [wanted, got]);
  const onKey = (event: KeyboardEvent) => {
    if (event.key === "Enter") {
      event.preventDefault();
      next();
    } else if (event.altKey && (event.key === "ArrowUp" || event.key === "ArrowDown")) {
      event.preventDefault();
      event.stopPropagation();
      props.move(event.key === "ArrowUp" ? -1 : 1);
    }
  };
  const onPaste = (event: ClipboardEvent) => {
    const text = event.clipboardData.getData("text/plain");
    if (!isList(text)) return;
    event.preventDefault();
    props.paste(text);
  };
  return (
    <li
      onFocus={choose}
      className={`flex flex-wrap items-center gap-x-2 border-b border-line border-l-4 pl-2 last:border-b-0 ${chosen ? "border-l-primary" : "border-l-transparent"}`}
    >
      <span
        aria-hidden="true"
        className={`grid size-7 shrink-0 place-items-center rounded-full border-2 font-display text-sm font-semibold ${places && thing.place ? "border-success bg-success text-success-content" : "border-edge text-soft"}`}
      >
        {number}
      </span>
      <input
        ref={name}
        data-place={placeOf.question(thing.id)}
        aria-label={sheetWords.name(number)}
        placeholder={sheetWords.namePlaceholder}
        value={thing.names[0] ?? ""}
        maxLength={200}
        className={`${LINE_FIELD} basis-32`}
        onKeyDown={onKey}
        onPaste={onPaste}
        onChange={(event) =>
          change({ names: [event.target.value, ...thing.names.slice(1)] }, "name")
        }
      />
      <Others thing={thing} number={number} change={change} onKey={onKey} />
      {chosen && <Worth thing={thing} number={number} usual={usual} change={change} />}
      <button
        type="button"
        className="btn btn-ghost btn-square btn-sm text-soft"
        aria-label={sheetWords.remove(number)}
        onClick={props.remove}
      >
        <X size={16} aria-hidden="true" />
      </button>
    </li>
  );
}

/** The other names on one line: as it is typed while the cursor is in it, tidied once it is left. */
function Others(
  props: Pick<LineProps, "thing" | "number" | "change"> & { onKey: (event: KeyboardEvent) => void },
) {
  const { thing, number, change, onKey } = props;
  const [typed, setTyped] = useState<string>();
  const tidy = othersOf(thing);
  const stands = typed !== undefined && withOthers(thing, typed).slice(1).join(", ") === tidy;
  return (
    <input
      aria-label={sheetWords.other(number)}
      placeholder={sheetWords.othersPlaceholder}
      value={stands ? typed : tidy}
      maxLength={2_000}
      className={`${LINE_FIELD} basis-40 text-soft`}
      onKeyDown={onKey}
      onBlur={() => setTyped(undefined)}
      onChange={(event) => {
        setTyped(event.target.value);
        change({ names: withOthers(thing, event.target.value) }, "others");
      }}
    />
  );
}

function Worth(props: Pick<LineProps, "thing" | "number" | "usual" | "change">) {
  const { thing, number, usual, change } = props;
  const { field, note } = useWholeNumber(
    thing.worth ?? usual,
    { least: 0, most: limits.Thing.worth.most },
    (worth) => change({ worth: worth === usual ? undefined : worth }, "worth"),
  );
  return (
    <label className="flex items-center gap-1 text-sm text-soft">
      {sheetWords.worthOwn}
      <input
        {...field}
        aria-label={sheetWords.worth(number)}
        className="h-9 w-16 rounded-[4px] border border-edge bg-card px-2 text-base-content"
      />
      {note && <span role="alert">{note}</span>}
    </label>
  );
}
