import { ArrowDown, ArrowUp, Copy, Eye, EyeOff, Trash2 } from "lucide-react";
import { type ClipboardEvent, type RefObject, useEffect, useLayoutEffect, useRef } from "react";
import type { EditorStore } from "../../build/editor";
import { asKind, changeQuestion } from "../../build/edits";
import { placeOf } from "../../build/places";
import type { SheetActions } from "../../build/sheetActions";
import { fractionRead } from "../../engine/LocalGame";
import type { QuestionUnion } from "../../generated/types";
import { WordsField } from "../../rich/WordsField";
import { written } from "../../rich/words";
import { IconButton } from "../../ui/IconButton";
import { words } from "../../words/en";
import { KindFields } from "../editors/KindFields";
import { MoreFields } from "../editors/MoreFields";
import { onEnter, STEP } from "../editors/steps";

interface Props {
  question: QuestionUnion;
  /** Where it stands in its list. */
  place: number;
  /** Its number among what is asked; nothing for what is not. */
  number?: number;
  name?: string;
  useEditor: EditorStore;
  sheet: SheetActions;
  takeIn: (text: string, html?: string) => void;
  /** Whether it is tried until it is right, whatever the rules say of tries. */
  untilRight?: boolean;
}

/** The question that is being written. */
export function OpenQuestion(props: Props) {
  const { question, place, number, name = "", useEditor, sheet, takeIn } = props;
  const { edit } = useEditor.getState();
  const box = useRef<HTMLFieldSetElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when it unfolds
  useEffect(() => {
    const field = box.current?.querySelector("textarea");
    if (useEditor.getState().takesCursor && typeof question.text === "string") {
      field?.focus({ preventScroll: true });
      field?.setSelectionRange(question.text.length, question.text.length);
    }
    // What is opened from elsewhere moves nothing under the pointer there.
    if (useEditor.getState().takesCursor) box.current?.scrollIntoView?.({ block: "nearest" });
  }, []);
  useCursorStays(box, place);
  const next = () => sheet.next(question.id);
  /** Several pasted lines are as many questions. */
  const paste = (event: ClipboardEvent) => {
    const text = event.clipboardData.getData("text");
    if (!isBlock(text)) return;
    event.preventDefault();
    takeIn(text, event.clipboardData.getData("text/html"));
  };
  const known = question.kind in words.sheet.kinds;
  const answered = known && question.kind !== "information" && question.kind !== "discussion";
  return (
    <fieldset
      ref={box}
      className="my-2 min-w-0 rounded-[14px] border-2 border-primary bg-card p-3.5 shadow-lift"
    >
      <legend className="sr-only">{name}</legend>
      <div className="flex items-start gap-2">
        <span className="pt-2 text-sm font-semibold text-soft">{number}</span>
        <WordsField
          label={name}
          placeholder={
            question.kind === "fraction"
              ? fractionRead(question).asked
              : (words.sheet.placeholders[question.kind] ?? words.sheet.questionPlaceholder)
          }
          value={question.text}
          maxLength={1000}
          place={placeOf.question(question.id)}
          onPaste={paste}
          disabled={!known}
          plain={question.kind === "gaps"}
          takesCursor={useEditor.getState().takesCursor}
          change={(text) =>
            edit(
              changeQuestion(question.id, (q) => ({ ...q, text })),
              `${question.id} text`,
            )
          }
          onKeyDown={(event) => {
            if (event.key !== "Enter" || event.shiftKey || event.ctrlKey) return;
            event.preventDefault();
            const option = box.current?.querySelector<HTMLElement>("[data-option], [data-row]");
            if (option) option.focus();
            else next();
          }}
          className="w-full resize-none rounded-[4px] bg-transparent px-1.5 py-1.5 font-display text-lg leading-snug font-semibold placeholder:font-medium placeholder:text-soft"
        />
      </div>
      {question.off && (
        <p className="mb-1 pl-6 text-soft">
          <EyeOff size={16} aria-hidden="true" className="mr-1.5 inline" />
          {words.sheet.offNote}
        </p>
      )}
      <KindFields question={question} useEditor={useEditor} next={next} />
      {!known && <p className="p-2 text-soft">{words.sheet.unknown}</p>}
      {answered && question.kind !== "free-answer" && <FeedbackFields {...props} next={next} />}
      {answered && <MoreFields question={question} useEditor={useEditor} next={next} />}
      <div className="mt-2 flex flex-wrap items-center gap-1 border-t border-line pt-2">
        {known && <KindChoice question={question} useEditor={useEditor} />}
        <div className="ml-auto flex flex-wrap">
          {known && (
            <IconButton
              label={question.off ? words.sheet.turnOn : words.sheet.turnOff}
              act={sheet.turnOff}
              icon={question.off ? Eye : EyeOff}
            />
          )}
          <IconButton label={words.sheet.up} act={() => sheet.move(-1)} icon={ArrowUp} />
          <IconButton label={words.sheet.down} act={() => sheet.move(1)} icon={ArrowDown} />
          <IconButton label={words.sheet.duplicate} act={sheet.duplicate} icon={Copy} />
          <IconButton label={words.sheet.remove} act={sheet.remove} icon={Trash2} />
        </div>
      </div>
    </fieldset>
  );
}

/** When the question moves on the sheet, the cursor stays in it and it stays in sight. */
function useCursorStays(box: RefObject<HTMLElement | null>, place: number) {
  const last = useRef<Element>(undefined);
  useEffect(() => {
    const keep = (event: FocusEvent) => {
      last.current = event.target instanceof Element ? event.target : undefined;
    };
    document.addEventListener("focusin", keep);
    return () => document.removeEventListener("focusin", keep);
  }, []);
  const stood = useRef(place);
  useLayoutEffect(() => {
    if (stood.current === place) return;
    stood.current = place;
    const field = last.current;
    if (field instanceof HTMLElement && document.activeElement === document.body) {
      if (box.current?.contains(field)) field.focus({ preventScroll: true });
    }
    box.current?.scrollIntoView?.({ block: "nearest" });
  }, [place, box]);
}

/** Whether a pasted text is more than one question’s. */
const isBlock = (text: string) => /[\n\t]/.test(text.trim());

const KINDS = Object.keys(words.sheet.kinds) as QuestionUnion["kind"][];

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
      {KINDS.map((kind) => (
        <option key={kind} value={kind}>
          {words.sheet.kinds[kind]}
        </option>
      ))}
    </select>
  );
}

function FeedbackFields(
  props: Pick<Props, "question" | "useEditor" | "untilRight"> & { next: () => void },
) {
  const { question, useEditor, untilRight = false, next } = props;
  // Only where there is another try to be had.
  const again = useEditor(({ activity }) => activity.rules.tries !== undefined) || untilRight;
  const fields: ["right" | "wrong" | "again", string][] = [
    ["right", words.sheet.ifRight],
    ...(again || question.feedback.again ? [["again", words.sheet.ifAgain] as const] : []),
    ["wrong", words.sheet.ifWrong],
  ].map(([which, label]) => [which as "right" | "wrong" | "again", label ?? ""]);
  return (
    <div data-feedback className="mt-1 grid gap-1 pl-6">
      {fields.map(([which, label]) => (
        <div key={which} className="flex items-baseline gap-2">
          <span aria-hidden="true" className="w-28 shrink-0 text-sm text-soft">
            {label}
          </span>
          <WordsField
            label={label}
            value={question.feedback[which] ?? ""}
            place={placeOf.feedback(question.id, which)}
            placeholder={words.sheet.feedbackPlaceholder}
            maxLength={1000}
            change={(text) =>
              useEditor.getState().edit(
                changeQuestion(question.id, (q) => ({
                  ...q,
                  feedback: { ...q.feedback, [which]: written(text) },
                })),
                `${question.id} ${which}`,
              )
            }
            data={STEP}
            onKeyDown={onEnter("[data-feedback]", next)}
            className="min-w-0 flex-1 resize-none rounded-[4px] bg-transparent px-1.5 py-1.5 placeholder:text-soft hover:bg-base-200"
          />
        </div>
      ))}
    </div>
  );
}
