import { useQuery } from "@tanstack/react-query";
import { type ChangeEvent, useEffect, useRef, useState } from "react";
import { pastedHtml, understood } from "../api/teacher";
import type { QuestionUnion, TakenIn } from "../generated/types";
import { rightWords } from "../questions/rightWords";
import { Rich } from "../rich/Rich";
import { Dialog } from "../ui/Dialog";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";
import { useSettled } from "./useSettled";

const PAUSE_MILLIS = 300;

/**
 * Questions from a table or a list: the text on one side, what is understood of it on the other.
 * The text can be put right until it reads as it should; what is not understood stays when the rest
 * is taken in.
 */
export function TakeInDialog(props: {
  text: string;
  /** The same as a word processor gives it, where it has pictures in it. */
  html?: string;
  takeIn: (questions: QuestionUnion[]) => void;
  onClose: () => void;
}) {
  const { takeIn, onClose } = props;
  const [text, setText] = useState(props.text);
  const [problem, setProblem] = useState<string>();
  const input = useRef<HTMLInputElement>(null);
  const [leftOut, setLeftOut] = useState(0);
  const { html } = props;
  useEffect(() => {
    if (!html?.includes("<img")) return;
    let gone = false;
    pastedHtml(html)
      .then((pasted) => {
        if (gone) return;
        setText(pasted.text);
        setLeftOut(pasted.left);
      })
      .catch((error) => setProblem(problemWords(error)));
    return () => {
      gone = true;
    };
  }, [html]);
  const settled = useSettled(text, PAUSE_MILLIS);
  const read = useQuery({
    queryKey: ["understood", settled],
    queryFn: () => understood(new Blob([settled])),
    enabled: settled.trim() !== "",
    placeholderData: (before) => before,
    gcTime: 0,
  });
  const open = async (event: ChangeEvent<HTMLInputElement>) => {
    const file = event.target.files?.[0];
    if (!file) return;
    setProblem(undefined);
    await understood(file)
      .then((taken) => setText(taken.text))
      .catch((error) => setProblem(words.activities.notTaken(file.name, problemWords(error))));
    if (input.current) input.current.value = "";
  };
  const taken = settled.trim() === "" ? undefined : read.data;
  const questions = taken?.understood.questions ?? [];
  const current = text === settled && !read.isPlaceholderData;
  return (
    <Dialog title={words.takeIn.title} onClose={onClose} wide>
      <p className="mb-3">{words.takeIn.text}</p>
      <div className="grid gap-4 md:grid-cols-2">
        <div className="flex flex-col gap-2">
          <textarea
            data-first
            aria-label={words.takeIn.label}
            placeholder={words.takeIn.placeholder}
            value={text}
            rows={14}
            spellCheck={false}
            wrap="off"
            onChange={(event) => setText(event.target.value)}
            className="w-full flex-1 resize-y rounded-[14px] border border-edge bg-card p-3 font-mono text-sm placeholder:text-soft"
          />
          <input
            ref={input}
            type="file"
            accept=".csv,.tsv,.txt,.md,text/csv,text/plain,text/markdown"
            className="sr-only"
            tabIndex={-1}
            aria-label={words.takeIn.file}
            onChange={open}
          />
          <button
            type="button"
            className="btn btn-outline self-start"
            onClick={() => input.current?.click()}
          >
            {words.takeIn.file}
          </button>
          {(problem || leftOut > 0) && (
            <p role="alert" className="border-l-4 border-error pl-3">
              {problem ?? words.rich.leftOut(leftOut)}
            </p>
          )}
        </div>
        <section
          aria-label={words.takeIn.preview}
          // biome-ignore lint/a11y/noNoninteractiveTabindex: it scrolls, also with the keyboard
          tabIndex={0}
          aria-busy={!current}
          className="max-h-[26rem] overflow-y-auto"
        >
          <p className="sr-only" role="status">
            {taken && words.takeIn.understood(questions.length)}
          </p>
          {read.isError && (
            <p role="alert" className="border-l-4 border-error pl-3">
              {problemWords(read.error)}
            </p>
          )}
          {taken ? <Preview taken={taken} /> : <p className="text-soft">{words.takeIn.nothing}</p>}
        </section>
      </div>
      <div className="mt-4 flex justify-end gap-2">
        <button type="button" className="btn btn-ghost" onClick={onClose}>
          {words.cancel}
        </button>
        <button
          type="button"
          className="btn btn-primary"
          disabled={questions.length === 0 || !current}
          onClick={() => {
            takeIn(questions);
            const rest = taken?.understood.rest ?? "";
            if (rest.trim()) setText(rest);
            else onClose();
          }}
        >
          {words.takeIn.take(questions.length)}
        </button>
      </div>
    </Dialog>
  );
}

/** What was understood, and what is left over. */
function Preview({ taken }: { taken: TakenIn }) {
  const { questions, left } = taken.understood;
  return (
    <>
      <h3 className="font-semibold">{words.takeIn.understood(questions.length)}</h3>
      <ol className="mt-1">
        {questions.map((question) => (
          <li key={question.id} className="border-b border-line py-1.5 last:border-0">
            <span className="mr-2 text-sm text-soft">{words.sheet.kinds[question.kind]}</span>
            <span className="whitespace-pre-line [overflow-wrap:anywhere]">
              <Rich words={question.text} />
            </span>
            <Answer question={question} />
          </li>
        ))}
      </ol>
      {left.length > 0 && (
        <>
          <h3 className="mt-3 font-semibold">{words.takeIn.left(left.length)}</h3>
          <ul>
            {left.map((piece) => (
              <li key={`${piece.line} ${piece.text}`} className="border-l-4 border-error py-1 pl-3">
                <span className="text-sm text-soft">{words.takeIn.line(piece.line)}</span>{" "}
                <span className="[overflow-wrap:anywhere]">{piece.text}</span>
                {piece.reason && <span className="block text-sm text-soft">{piece.reason}</span>}
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}

function Answer({ question }: { question: QuestionUnion }) {
  const right = rightWords(question);
  const wrong =
    question.kind === "pick-one" || question.kind === "pick-all"
      ? question.options.filter((option) => !option.right).map((option) => option.text)
      : [];
  return (
    <span className="block text-sm">
      {right && <span className="font-medium text-success">✓ {right}</span>}
      {wrong.length > 0 && <span className="text-soft"> · {wrong.join(" · ")}</span>}
    </span>
  );
}
