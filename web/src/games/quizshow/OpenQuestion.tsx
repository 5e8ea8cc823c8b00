import { ArrowDown, ArrowUp, Copy, Trash2 } from "lucide-react";
import { type KeyboardEvent, useEffect, useRef } from "react";
import type { EditorStore } from "../../build/editor";
import type { Feedback, QuestionUnion } from "../../generated/types";
import { IconButton } from "../../ui/IconButton";
import { words } from "../../words/en";
import { asKind, changeQuestion } from "./edits";
import { OptionLines } from "./OptionLines";
import { GrowingText } from "./Sheet";

interface Props {
  question: QuestionUnion;
  number: number;
  useEditor: EditorStore;
  next: () => void;
  duplicate: () => void;
  remove: () => void;
  move: (by: 1 | -1) => void;
}

/** The question that is being written. */
export function OpenQuestion(props: Props) {
  const { question, number, useEditor, next, duplicate, remove, move } = props;
  const { edit } = useEditor.getState();
  const box = useRef<HTMLFieldSetElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when it unfolds
  useEffect(() => {
    const field = box.current?.querySelector("textarea");
    field?.focus({ preventScroll: true });
    field?.setSelectionRange(question.text.length, question.text.length);
    box.current?.scrollIntoView?.({ block: "nearest" });
  }, []);
  const onKey = (event: KeyboardEvent) => {
    if (event.altKey && (event.key === "ArrowUp" || event.key === "ArrowDown")) {
      event.preventDefault();
      move(event.key === "ArrowUp" ? -1 : 1);
    } else if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "d") {
      event.preventDefault();
      duplicate();
    }
  };
  const known = question.kind === "pick-one" || question.kind === "true-false";
  return (
    <fieldset
      ref={box}
      onKeyDown={onKey}
      className="my-2 rounded-[14px] border-2 border-primary bg-card p-3.5 shadow-lift"
    >
      <legend className="sr-only">{words.sheet.question(number)}</legend>
      <div className="flex items-start gap-2">
        <span className="pt-2 text-sm font-semibold text-soft">{number}</span>
        <GrowingText
          aria-label={words.sheet.question(number)}
          placeholder={
            question.kind === "true-false"
              ? words.sheet.statementPlaceholder
              : words.sheet.questionPlaceholder
          }
          value={question.text}
          maxLength={1000}
          disabled={!known}
          onChange={(event) => {
            const text = event.target.value;
            edit(
              changeQuestion(question.id, (q) => ({ ...q, text })),
              `${question.id} text`,
            );
          }}
          onKeyDown={(event) => {
            if (event.key !== "Enter" || event.shiftKey || event.ctrlKey) return;
            event.preventDefault();
            const option = box.current?.querySelector<HTMLInputElement>("[data-option]");
            if (option) option.focus();
            else next();
          }}
          className="w-full resize-none rounded-[4px] bg-transparent px-1.5 py-1.5 font-display text-lg leading-snug font-semibold placeholder:font-medium placeholder:text-soft"
        />
      </div>
      {question.kind === "pick-one" && (
        <OptionLines question={question} useEditor={useEditor} next={next} />
      )}
      {question.kind === "true-false" && <Truth question={question} useEditor={useEditor} />}
      {!known && <p className="p-2 text-soft">{words.sheet.unknown}</p>}
      {known && <FeedbackFields question={question} useEditor={useEditor} next={next} />}
      <div className="mt-2 flex flex-wrap items-center gap-1 border-t border-line pt-2">
        {known && <KindChoice question={question} useEditor={useEditor} />}
        <div className="ml-auto flex flex-wrap">
          <IconButton label={words.sheet.up} act={() => move(-1)} icon={ArrowUp} />
          <IconButton label={words.sheet.down} act={() => move(1)} icon={ArrowDown} />
          <IconButton label={words.sheet.duplicate} act={duplicate} icon={Copy} />
          <IconButton label={words.sheet.remove} act={remove} icon={Trash2} />
        </div>
      </div>
    </fieldset>
  );
}

function KindChoice({ question, useEditor }: { question: QuestionUnion; useEditor: EditorStore }) {
  return (
    <select
      aria-label={words.sheet.kindLabel}
      className="h-11 rounded-[14px] bg-base-200 px-3"
      value={question.kind}
      onChange={(event) => {
        const kind = event.target.value as QuestionUnion["kind"];
        useEditor.getState().edit(changeQuestion(question.id, (q) => asKind(q, kind)));
      }}
    >
      {Object.entries(words.sheet.kinds).map(([kind, name]) => (
        <option key={kind} value={kind}>
          {name}
        </option>
      ))}
    </select>
  );
}

function Truth({ question, useEditor }: { question: QuestionUnion; useEditor: EditorStore }) {
  if (question.kind !== "true-false") return null;
  return (
    <div className="flex gap-2 py-2 pl-6">
      {[true, false].map((answer) => {
        const on = question.answer === answer;
        return (
          <button
            key={`${answer}`}
            type="button"
            aria-pressed={on}
            className={`btn ${on ? "btn-success" : "btn-outline"}`}
            onClick={() =>
              useEditor
                .getState()
                .edit(
                  changeQuestion(question.id, (q) =>
                    q.kind === "true-false" ? { ...q, answer: on ? undefined : answer } : q,
                  ),
                )
            }
          >
            {on && <span aria-hidden="true">✓</span>}
            {answer ? words.sheet.isTrue : words.sheet.isFalse}
          </button>
        );
      })}
    </div>
  );
}

function FeedbackFields(props: Pick<Props, "question" | "useEditor" | "next">) {
  const { question, useEditor, next } = props;
  const fields: [keyof Feedback, string][] = [
    ["right", words.sheet.ifRight],
    ["wrong", words.sheet.ifWrong],
  ];
  return (
    <div className="mt-1 grid gap-1 pl-6">
      {fields.map(([which, label]) => (
        <div key={which} className="flex items-baseline gap-2">
          <span aria-hidden="true" className="w-20 shrink-0 text-sm text-soft">
            {label}
          </span>
          <GrowingText
            aria-label={label}
            value={question.feedback[which] ?? ""}
            placeholder={words.sheet.feedbackPlaceholder}
            maxLength={1000}
            onChange={(event) => {
              const text = event.target.value || undefined;
              useEditor.getState().edit(
                changeQuestion(question.id, (q) => ({
                  ...q,
                  feedback: { ...q.feedback, [which]: text },
                })),
                `${question.id} ${which}`,
              );
            }}
            onKeyDown={(event) => {
              if (event.key !== "Enter" || event.shiftKey) return;
              event.preventDefault();
              next();
            }}
            className="min-w-0 flex-1 resize-none rounded-[4px] bg-transparent px-1.5 py-1.5 placeholder:text-soft hover:bg-base-200"
          />
        </div>
      ))}
    </div>
  );
}
