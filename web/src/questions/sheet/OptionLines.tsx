import { Pin, X } from "lucide-react";
import { useRef, useState } from "react";
import type { EditorStore } from "../../build/editor";
import {
  blankOption,
  changeOptions,
  moveOption,
  turnPin,
  turnRight,
  type WithOptions,
} from "../../build/edits";
import { placeOf } from "../../build/places";
import { randomId } from "../../engine/randomId";
import { limits } from "../../generated/limits";
import type { Listed } from "../../generated/types";
import { usePastedList } from "../../lists/usePastedList";
import { type FieldKey, WordsField } from "../../rich/WordsField";
import type { Words } from "../../rich/words";
import { letter } from "../../stage/stage";
import { words } from "../../words/en";
import { LINE_FIELD } from "../editors/rows";

const MOST = limits.PickOne.options.most;
const LONGEST = 300;

/** The options of the open question, and an empty line for one more: typing there makes it one. */
export function OptionLines(props: {
  question: WithOptions;
  useEditor: EditorStore;
  next: () => void;
}) {
  const { question, useEditor, next } = props;
  const { edit } = useEditor.getState();
  const list = useRef<HTMLUListElement>(null);
  // The empty line already has the id that its option will get, so that it keeps the cursor.
  const [fresh, setFresh] = useState(randomId);
  const { options } = question;
  const lines = [
    ...options,
    ...(options.length < MOST && !options.some((o) => o.id === fresh)
      ? [blankOption(fresh, "")]
      : []),
  ];

  const focus = (place: number) =>
    list.current?.querySelectorAll<HTMLElement>("[data-option]")[place]?.focus();
  const type = (id: string, text: Words) => {
    const there = options.some((o) => o.id === id);
    edit(
      changeOptions(question.id, (all) =>
        there
          ? all.map((o) => (o.id === id ? { ...o, text } : o))
          : [...all, blankOption(id, text)],
      ),
      `${id} text`,
    );
    if (!there) setFresh(randomId());
  };
  const remove = (id: string, place: number) => {
    edit(changeOptions(question.id, (all) => all.filter((o) => o.id !== id)));
    focus(Math.max(0, place - 1));
  };
  const takeIn = (read: Listed[], place: number) =>
    edit(
      changeOptions(question.id, (all) => {
        const added = read.map(({ names: [name = ""], right }) => ({
          ...blankOption(randomId(), name.slice(0, LONGEST)),
          right,
        }));
        const empty = all[place] !== undefined && all[place]?.text === "";
        return all.toSpliced(place, empty ? 1 : 0, ...added).slice(0, MOST);
      }),
    );
  const { paste, dialog } = usePastedList({
    of: "options",
    most: MOST - options.filter(({ text }) => text !== "").length,
    takeIn,
  });
  const onKey = (event: FieldKey, empty: boolean, id: string, place: number) => {
    if (event.key === "Enter" && (event.ctrlKey || event.metaKey)) {
      event.preventDefault();
      edit(turnRight(question, id));
    } else if (event.key === "Enter") {
      event.preventDefault();
      if (place === lines.length - 1) next();
      else focus(place + 1);
    } else if (event.key === "Backspace" && empty && place < options.length) {
      event.preventDefault();
      remove(id, place);
    } else if (event.altKey && (event.key === "ArrowUp" || event.key === "ArrowDown")) {
      event.preventDefault();
      event.stopPropagation();
      edit(moveOption(question.id, id, event.key === "ArrowUp" ? -1 : 1));
    }
  };

  return (
    <>
      <ul ref={list} className="py-1 pl-6">
        {lines.map((option, i) => {
          const made = i < options.length;
          return (
            <li key={option.id} className="flex items-center gap-2">
              <span
                aria-hidden="true"
                className={`grid size-7 shrink-0 place-items-center rounded-full border-2 font-display text-sm font-semibold ${option.right ? "border-success bg-success text-success-content" : "border-edge text-soft"}`}
              >
                {letter(i)}
              </span>
              <WordsField
                data={{ "data-option": "" }}
                label={words.sheet.option(letter(i))}
                placeholder={made ? "" : i === 0 ? words.sheet.first : words.sheet.another}
                value={option.text}
                maxLength={LONGEST}
                change={(text) => type(option.id, text)}
                onKeyDown={(event, empty) => onKey(event, empty, option.id, i)}
                onPaste={(event) => paste(event, i)}
                place={placeOf.option(question.id, option.id)}
                className={LINE_FIELD}
              />
              {made && (
                <>
                  <button
                    type="button"
                    aria-pressed={option.right}
                    aria-label={words.sheet.markRight(letter(i))}
                    title="Ctrl + Enter"
                    tabIndex={-1}
                    onClick={() => edit(turnRight(question, option.id))}
                    className={`min-h-11 w-24 cursor-pointer rounded-[14px] font-display text-sm font-semibold hover:underline ${option.right ? "text-success" : "text-soft"}`}
                  >
                    {option.right ? `✓ ${words.sheet.right}` : words.sheet.notRight}
                  </button>
                  <button
                    type="button"
                    tabIndex={-1}
                    aria-pressed={option.pinned}
                    aria-label={words.sheet.pin(letter(i))}
                    title={words.sheet.pinTip}
                    className={`btn btn-ghost btn-square btn-sm ${option.pinned ? "text-base-content" : "text-soft opacity-60"}`}
                    onClick={() => edit(turnPin(question, option.id))}
                  >
                    <Pin
                      size={16}
                      aria-hidden="true"
                      className={option.pinned ? "fill-accent" : ""}
                    />
                  </button>
                  <button
                    type="button"
                    tabIndex={-1}
                    className="btn btn-ghost btn-square btn-sm text-soft"
                    aria-label={words.sheet.removeOption(letter(i))}
                    onClick={() => remove(option.id, i)}
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
