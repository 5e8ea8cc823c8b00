import { Image, Volume2 } from "lucide-react";
import { type KeyboardEvent, type MouseEvent, memo } from "react";
import type { EditorStore } from "../../build/editor";
import type { SheetActions } from "../../build/sheetActions";
import type { QuestionUnion } from "../../generated/types";
import { Rich } from "../../rich/Rich";
import { isBlank, type Medium, mediaOf, sentenceOf } from "../../rich/words";
import { words } from "../../words/en";
import { rightWords } from "../rightWords";
import { titleOf } from "../titleOf";

interface Props {
  question: QuestionUnion;
  /** Its number among what is asked; nothing for what is not. */
  number?: number;
  name?: string;
  selected: boolean;
  useEditor: EditorStore;
  sheet: SheetActions;
}

/** A question's line while it is not unfolded: press it to open it, or select it among others. */
export const ClosedLine = memo(function ClosedLine(props: Props) {
  const { question, number, name = "", selected, useEditor, sheet } = props;
  const { id } = question;
  const press = (event: MouseEvent) => {
    if (event.shiftKey) sheet.pickUpTo(id);
    else if (event.ctrlKey || event.metaKey) sheet.pick(id);
    else useEditor.getState().unfold(id);
  };
  const onKey = (event: KeyboardEvent<HTMLButtonElement>) => {
    const by = { ArrowUp: -1, ArrowDown: 1 }[event.key];
    if (event.key === "Escape") sheet.clear();
    else if (by !== undefined && !event.altKey && !event.ctrlKey) {
      const line = neighbour(event.currentTarget, by);
      if (line && event.shiftKey) {
        sheet.pickFrom(id);
        sheet.pickUpTo(line.dataset.line ?? id);
      }
      line?.focus();
    } else return;
    event.preventDefault();
  };
  const answer = rightWords(question);
  return (
    <div
      className={`group/line flex items-stretch rounded-[4px] ${selected ? "bg-card shadow-[inset_4px_0_0_var(--color-primary)]" : "hover:bg-base-200"}`}
    >
      <label className="grid w-6 shrink-0 cursor-pointer place-items-center">
        <input
          type="checkbox"
          tabIndex={-1}
          aria-label={words.sheet.select(name)}
          className="checkbox checkbox-sm line-check border-edge"
          checked={selected}
          onChange={() => sheet.pick(id)}
        />
      </label>
      <button
        type="button"
        data-line={id}
        onClick={press}
        onKeyDown={onKey}
        className={`grid min-h-11 min-w-0 flex-1 cursor-pointer grid-cols-[1.1rem_5.2rem_1fr_auto] items-baseline gap-x-2 px-1 py-2 text-start max-sm:grid-cols-[1.1rem_1fr_auto] ${question.off ? "text-soft" : ""}`}
      >
        <span className="text-right text-sm font-semibold text-soft">{number}</span>
        <span className="text-sm text-soft max-sm:hidden">
          {words.sheet.kinds[question.kind] ?? question.kind}
        </span>
        <span
          className={`own-way line-clamp-2 min-w-0 [overflow-wrap:anywhere] [&_.block]:inline ${question.off ? "line-through decoration-1" : ""}`}
        >
          <MediaSigns media={mediaOf(question.text)} />
          {isBlank(sentenceOf(question.text)) ? (
            <em className="text-soft">{titleOf(question) || words.sheet.emptyLine}</em>
          ) : (
            <Rich words={sentenceOf(question.text)} still />
          )}
        </span>
        <State question={question} answer={answer} />
      </button>
    </div>
  );
});

/** That there are pictures or sounds in the question. */
function MediaSigns({ media }: { media: Medium[] }) {
  return (["picture", "sound"] as const).map((kind) => {
    const Icon = kind === "picture" ? Image : Volume2;
    return media.some((medium) => medium.kind === kind) ? (
      <Icon
        key={kind}
        size={16}
        aria-label={words.rich.has[kind]}
        className="mr-1.5 inline align-[-0.15em] text-soft"
      />
    ) : null;
  });
}

function State({ question, answer }: { question: QuestionUnion; answer: string }) {
  if (question.off) return <span className="text-sm font-medium">{words.sheet.off}</span>;
  return (
    <span
      className={`max-w-36 truncate text-sm font-medium ${answer ? "text-success" : "text-error"}`}
    >
      {answer || (!isBlank(question.text) && `△ ${words.sheet.noRight}`)}
    </span>
  );
}

/** The next closed line above or below, passing over the one that is unfolded. */
function neighbour(line: HTMLElement, by: number): HTMLElement | undefined {
  const lines = [...document.querySelectorAll<HTMLElement>("[data-line]")];
  return lines[lines.indexOf(line) + by];
}
