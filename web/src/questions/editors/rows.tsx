import { X } from "lucide-react";
import { type ClipboardEvent, type ReactNode, useRef } from "react";
import type { Listed } from "../../generated/types";
import type { ListOf } from "../../lists/ListDialog";
import { usePastedList } from "../../lists/usePastedList";
import { type FieldKey, WordsField } from "../../rich/WordsField";
import { plainOf, type Words } from "../../rich/words";
import { words } from "../../words/en";

/** A field on the sheet that looks like the line it stands on. */
export const LINE_FIELD =
  "min-h-11 min-w-0 flex-1 resize-none rounded-[4px] bg-transparent px-1.5 py-2 text-lg leading-snug placeholder:text-soft hover:bg-base-200";

/** What the field beside a line has to pass on. */
export interface BesideField {
  data: Record<`data-${string}`, string>;
  onKeyDown: (event: FieldKey) => void;
}

/** What a list of lines is given. */
interface RowsProps<T extends Words> {
  /** What is written, one for each line. */
  texts: T[];
  most: number;
  /** Whether a line can hold more than plain text. */
  rich?: boolean;
  /** Where nothing can be pressed, sounds have no place. */
  still?: boolean;
  /** What a line is called, counted from 1. */
  label: (n: number) => string;
  /** What stands in the empty line at the end. */
  placeholder: (place: number) => string;
  change: (texts: T[], place: number) => void;
  remove: (place: number) => void;
  /** Enter in the empty line at the end. */
  next: () => void;
  /** What stands behind a line's field; Enter leads there, and from there to the next line. */
  beside?: (place: number, field: BesideField) => ReactNode;
  sign?: (place: number) => ReactNode;
  /** What a pasted list is read as; without it, texts where they can be rich, else names. */
  of?: ListOf;
  /** Puts in what was read in a list, where a line is more than its text. */
  putItems?: (read: Listed[]) => void;
}

const LONGEST = 300;

/** Lines of text with an empty one at the end: typing there makes one more. */
export function Rows<T extends Words>(props: RowsProps<T>) {
  const { texts, most, label, remove, next } = props;
  // Plain lines only ever get plain text: their fields know nothing else.
  const change = props.change as (texts: Words[], place: number) => void;
  const list = useRef<HTMLUListElement>(null);
  const shown: Words[] = texts.length < most ? [...texts, ""] : texts;
  const focus = (place: number) =>
    list.current?.querySelectorAll<HTMLElement>("[data-row]")[place]?.focus();
  const onKey = (event: FieldKey, empty: boolean, place: number) => {
    if (event.key === "Enter" && !event.ctrlKey && !event.metaKey) {
      event.preventDefault();
      const beside = list.current?.children[place]?.querySelector<HTMLElement>("[data-beside]");
      if (place >= texts.length) next();
      else if (beside) beside.focus();
      else focus(place + 1);
    } else if (event.key === "Backspace" && empty && place < texts.length) {
      event.preventDefault();
      remove(place);
      focus(Math.max(0, place - 1));
    }
  };
  const besideField = (place: number): BesideField => ({
    data: { "data-beside": "" },
    onKeyDown: (event) => {
      if (event.key !== "Enter" || event.shiftKey || event.ctrlKey || event.metaKey) return;
      event.preventDefault();
      if (place + 1 < shown.length) focus(place + 1);
      else next();
    },
  });
  const takeIn = (read: Listed[], place: number) => {
    const fresh = read.map(({ names: [name = ""] }) => name.slice(0, LONGEST));
    const empty = place < texts.length && plainOf(texts[place] ?? "") === "";
    const [first = "", ...others] = fresh;
    // Whatever stands below keeps its place, and what belongs to it there.
    if (props.putItems) props.putItems(read);
    else if (empty) change([...(texts as Words[]).with(place, first), ...others], place);
    else change([...texts, ...fresh], place);
  };
  const { paste, dialog } = usePastedList({
    of: props.of ?? (props.rich ? "texts" : "names"),
    most: most - texts.filter((text) => plainOf(text) !== "").length,
    takeIn,
  });
  const write = (text: Words, place: number) =>
    change(place >= texts.length ? [...texts, text] : (texts as Words[]).with(place, text), place);
  return (
    <>
      <ul ref={list}>
        {shown.map((text, i) => {
          const shared = {
            placeholder: i >= texts.length ? props.placeholder(i) : "",
            maxLength: LONGEST,
            className: LINE_FIELD,
            onPaste: (event: ClipboardEvent) => paste(event, i),
          };
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: a line is its place, so that it keeps the cursor
            <li key={i} className="flex items-center gap-2">
              {props.sign?.(i)}
              {props.rich ? (
                <WordsField
                  {...shared}
                  data={{ "data-row": "" }}
                  label={label(i + 1)}
                  value={text}
                  still={props.still}
                  change={(value) => write(value, i)}
                  onKeyDown={(event, empty) => onKey(event, empty, i)}
                />
              ) : (
                <input
                  {...shared}
                  data-row
                  aria-label={label(i + 1)}
                  value={plainOf(text)}
                  onChange={(event) => write(event.target.value, i)}
                  onKeyDown={(event) => onKey(event, event.currentTarget.value === "", i)}
                />
              )}
              {i < texts.length && (
                <>
                  {props.beside?.(i, besideField(i))}
                  <button
                    type="button"
                    tabIndex={-1}
                    className="btn btn-ghost btn-square btn-sm text-soft"
                    aria-label={words.sheet.removeRow(label(i + 1))}
                    onClick={() => remove(i)}
                  >
                    <X size={16} aria-hidden="true" />
                  </button>
                </>
              )}
            </li>
          );
        })}
      </ul>
      {dialog}
    </>
  );
}

/** A heading over some lines of a question. */
export function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="py-1 pl-6">
      <p className="text-sm text-soft">{title}</p>
      {children}
    </div>
  );
}

/** Small yes-or-no settings, side by side. */
export function Checks<K extends string>(props: {
  names: Record<K, string>;
  values: Record<K, boolean>;
  /** What is said below a name, where something is. */
  notes?: Partial<Record<string, string>>;
  turn: (key: K) => void;
}) {
  return (
    <div className={props.notes ? "grid gap-x-4 sm:grid-cols-2" : "flex flex-wrap gap-x-4"}>
      {(Object.keys(props.names) as K[]).map((key) => (
        <label
          key={key}
          className={`flex min-h-9 gap-1.5 ${props.notes ? "items-start py-1" : "items-center"}`}
        >
          <input
            type="checkbox"
            className="checkbox checkbox-sm border-edge"
            checked={props.values[key]}
            onChange={() => props.turn(key)}
          />
          <span className="min-w-0 leading-snug">
            {props.names[key]}
            {props.notes?.[key] && (
              <span className="block text-sm text-soft [overflow-wrap:anywhere]">
                {props.notes[key]}
              </span>
            )}
          </span>
        </label>
      ))}
    </div>
  );
}

/** A choice among a few, with its label before it. */
export function Choice<K extends string>(props: {
  label: string;
  text: string;
  names: Record<K, string>;
  value: K;
  change: (value: K) => void;
}) {
  return (
    <p className="flex flex-wrap items-center gap-2 py-1 pl-6">
      <span className="text-soft">{props.text}</span>
      <select
        aria-label={props.label}
        className="h-10 max-w-full rounded-[14px] border border-edge bg-card px-2"
        value={props.value}
        onChange={(event) => props.change(event.target.value as K)}
      >
        {(Object.keys(props.names) as K[]).map((key) => (
          <option key={key} value={key}>
            {props.names[key]}
          </option>
        ))}
      </select>
    </p>
  );
}
