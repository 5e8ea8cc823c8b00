import { Plus } from "lucide-react";
import { useEffect, useRef } from "react";
import { randomId } from "../../engine/randomId";
import type { QuestionUnion } from "../../generated/types";
import { words } from "../../words/en";
import type { SheetProps } from "..";
import { blankQuestion, copyOf, insertAfter, moveQuestion, removeQuestion } from "./edits";
import { OpenQuestion } from "./OpenQuestion";

/** The sheet of a quiz show: a line for each question, the open one unfolds in place. */
export function QuizShowSheet({ useEditor, showKeys }: SheetProps) {
  const questions = useEditor((editor) => editor.activity.game.questions);
  const open = useEditor((editor) => editor.open);
  const { edit, unfold } = useEditor.getState();

  const addAfter = (id?: string) => {
    const fresh = randomId();
    edit(insertAfter(id, blankQuestion(fresh)));
    unfold(fresh);
  };
  /** Enter at a question's end: on to the next one; at the end of the sheet a new one. */
  const next = (id: string) => {
    const following = questions[questions.findIndex((q) => q.id === id) + 1];
    if (following) unfold(following.id);
    else addAfter(id);
  };
  const duplicate = (question: QuestionUnion) => {
    const copy = copyOf(question);
    edit(insertAfter(question.id, copy));
    unfold(copy.id);
  };
  const remove = (id: string) => {
    const at = questions.findIndex((q) => q.id === id);
    edit(removeQuestion(id));
    unfold((questions[at + 1] ?? questions[at - 1])?.id);
  };

  return (
    <section aria-labelledby="sheet">
      <div className="flex items-baseline justify-between gap-3">
        <h2 id="sheet" className="text-sm font-semibold tracking-wide text-soft">
          {words.build.sheet(questions.length)}
        </h2>
        <button
          type="button"
          className="min-h-8 cursor-pointer text-sm text-soft"
          onClick={showKeys}
        >
          <kbd className="kbd kbd-sm">?</kbd> {words.build.keysHint}
        </button>
      </div>
      <ol className="mt-1">
        {questions.map((question, i) => (
          <li key={question.id} className="border-b border-line last:border-0">
            {question.id === open ? (
              <OpenQuestion
                question={question}
                number={i + 1}
                useEditor={useEditor}
                next={() => next(question.id)}
                duplicate={() => duplicate(question)}
                remove={() => remove(question.id)}
                move={(by) => edit(moveQuestion(question.id, by))}
              />
            ) : (
              <ClosedLine question={question} number={i + 1} unfold={() => unfold(question.id)} />
            )}
          </li>
        ))}
      </ol>
      <button
        type="button"
        className="btn btn-ghost mt-2 mb-4 w-full justify-start border border-dashed border-edge"
        onClick={() => addAfter()}
      >
        <Plus size={18} aria-hidden="true" />
        {words.sheet.add}
      </button>
    </section>
  );
}

function ClosedLine(props: { question: QuestionUnion; number: number; unfold: () => void }) {
  const { question, number, unfold } = props;
  const answer = rightWords(question);
  return (
    <button
      type="button"
      onClick={unfold}
      className="grid min-h-11 w-full cursor-pointer grid-cols-[1.6rem_5.2rem_1fr_auto] items-baseline gap-x-2 rounded-[4px] px-1 py-2 text-left hover:bg-base-200 max-sm:grid-cols-[1.6rem_1fr_auto]"
    >
      <span className="text-right text-sm font-semibold text-soft">{number}</span>
      <span className="text-sm text-soft max-sm:hidden">
        {words.sheet.kinds[question.kind] ?? question.kind}
      </span>
      <span className="line-clamp-2 min-w-0 [overflow-wrap:anywhere]">
        {question.text || <em className="text-soft">{words.sheet.emptyLine}</em>}
      </span>
      <span
        className={`max-w-36 truncate text-sm font-medium ${answer ? "text-success" : "text-error"}`}
      >
        {answer || (question.text && `△ ${words.sheet.noRight}`)}
      </span>
    </button>
  );
}

function rightWords(question: QuestionUnion): string {
  switch (question.kind) {
    case "pick-one":
      return question.options
        .filter((option) => option.right)
        .map((option) => option.text)
        .join(" · ");
    case "true-false":
      return question.answer === undefined ? "" : (words.game.truth[`${question.answer}`] ?? "");
    default:
      return "";
  }
}

/** A text field that grows with its text. */
export function GrowingText(props: React.ComponentProps<"textarea">) {
  const ref = useRef<HTMLTextAreaElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: its height follows its text
  useEffect(() => {
    const field = ref.current;
    if (!field) return;
    field.style.height = "auto";
    field.style.height = `${field.scrollHeight}px`;
  }, [props.value]);
  return <textarea ref={ref} rows={1} {...props} />;
}
