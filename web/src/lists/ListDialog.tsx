import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { itemsRead, opened } from "../api/lists";
import { useSettled } from "../build/useSettled";
import type { ItemLine, ItemReading, Listed } from "../generated/types";
import { Dialog } from "../ui/Dialog";
import { FileButton } from "../ui/FileButton";
import { problemWords } from "../ui/Notice";
import { Pressed } from "../ui/Pressed";
import { lists } from "../words/lists";
import { endedLines, LIST_FILES } from "./lines";
import { waiting } from "./waiting";

const PAUSE_MILLIS = 300;

/** What a list is a list of. */
export type ListOf = "things" | "names" | "texts" | "options" | "pairs";

const READINGS: Record<ListOf, ItemReading[]> = {
  things: ["names", "each", "lines", "as-it-is"],
  names: ["each", "lines", "as-it-is"],
  texts: ["lines", "each", "as-it-is"],
  options: ["lines", "each", "as-it-is"],
  pairs: ["names", "lines", "as-it-is"],
};

/**
 * A list that was pasted or is opened: its text on one side, how each line is read on the other.
 * Another reading is one press away, and the text can be put right.
 */
export function ListDialog(props: {
  text: string;
  of: ListOf;
  /** How many there is room for. */
  most: number;
  takeIn: (items: Listed[]) => void;
  onClose: () => void;
}) {
  const { of, most, takeIn, onClose } = props;
  const [text, setText] = useState(endedLines(props.text));
  const [reading, setReading] = useState<ItemReading>();
  const [problem, setProblem] = useState<string>();
  const settled = useSettled(text, PAUSE_MILLIS);
  const read = useQuery({
    queryKey: ["list", settled, of, reading],
    queryFn: () => itemsRead(new Blob([settled]), of, reading),
    enabled: settled.trim() !== "",
    placeholderData: (before) => before,
    gcTime: 0,
    ...waiting,
  });
  const open = (file: File) => {
    setProblem(undefined);
    opened(file)
      .then(({ text }) => {
        setReading(undefined);
        setText(endedLines(text));
      })
      .catch((error) => setProblem(lists.notOpened(file.name, problemWords(error))));
  };
  const taken = settled.trim() === "" ? undefined : read.data;
  const items = taken?.list.items ?? [];
  const current = text === settled && !read.isPlaceholderData && !read.isError;
  const room = items.slice(0, most);
  return (
    <Dialog title={lists.title[of]} onClose={onClose} wide>
      <div className="grid gap-4 md:grid-cols-2">
        <div className="flex flex-col gap-2">
          <textarea
            data-first
            aria-label={lists.label}
            value={text}
            rows={12}
            spellCheck={false}
            wrap="off"
            onChange={(event) => setText(event.target.value)}
            className="w-full flex-1 resize-y rounded-[14px] border border-edge bg-card p-3 max-md:h-40"
          />
          <FileButton
            accept={LIST_FILES}
            className="btn btn-outline self-start"
            take={([file]) => file && open(file)}
          >
            {lists.file}
          </FileButton>
        </div>
        <section
          aria-label={lists.preview}
          // biome-ignore lint/a11y/noNoninteractiveTabindex: it scrolls, also with the keyboard
          tabIndex={0}
          aria-busy={!current}
          className="max-h-[26rem] overflow-y-auto"
        >
          {taken ? (
            <>
              <Pressed
                label={lists.readAs}
                shown
                options={READINGS[of].map((one) => ({
                  key: one,
                  text: of === "pairs" && one === "names" ? lists.pairs : lists.readings[one],
                }))}
                value={reading ?? taken.list.reading}
                choose={setReading}
              />
              <p className="mt-2 font-semibold" role="status">
                {lists.read(items.length)}
                {items.length > most && (
                  <span className="block text-error">{lists.full(most)}</span>
                )}
              </p>
              {taken.doubt && (
                <p className="mt-1 border-l-4 border-error pl-3">{lists.doubt(taken.doubt)}</p>
              )}
              <ol className="mt-1">
                {taken.list.lines.map((line) => (
                  <Line
                    key={line.place}
                    line={line}
                    right={items.some((item) => item.right && item.names[0] === line.names[0])}
                  />
                ))}
              </ol>
            </>
          ) : (
            !read.isError && <p className="text-soft">{lists.nothing}</p>
          )}
        </section>
      </div>
      {(problem || (read.isError && settled.trim())) && (
        <p role="alert" className="mt-3 border-l-4 border-error pl-3">
          {problem ?? lists.waits(problemWords(read.error))}
        </p>
      )}
      <div className="mt-4 flex justify-end gap-2">
        <button type="button" className="btn btn-ghost" onClick={onClose}>
          {lists.cancel}
        </button>
        <button
          type="button"
          className="btn btn-primary"
          disabled={room.length === 0 || !current}
          onClick={() => {
            takeIn(room);
            onClose();
          }}
        >
          {lists.take(room.length)}
        </button>
      </div>
    </Dialog>
  );
}

function Line({ line, right }: { line: ItemLine; right: boolean }) {
  const item = line.role === "item";
  return (
    <li
      className={`border-b border-line py-1.5 last:border-0 [overflow-wrap:anywhere] ${item ? "" : "text-soft"}`}
    >
      {item ? (
        <>
          {right && <span className="font-medium text-success">✓ </span>}
          <bdi className="font-medium">{line.names[0]}</bdi>
          {line.names.slice(1).map((name) => (
            <span key={name}>
              {" · "}
              <bdi>{name}</bdi>
            </span>
          ))}
        </>
      ) : (
        <>
          <bdi>{line.text}</bdi> <span className="text-sm">— {lists.roles[line.role]}</span>
        </>
      )}
    </li>
  );
}
