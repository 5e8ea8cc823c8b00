import { useState } from "react";
import type { EditorStore } from "../../build/editor";
import { changeOptions, changeQuestion } from "../../build/edits";
import { limits } from "../../generated/limits";
import type { QuestionUnion } from "../../generated/types";
import { WordsField } from "../../rich/WordsField";
import { written } from "../../rich/words";
import { letter } from "../../stage/stage";
import { useWholeNumber } from "../../ui/useWholeNumber";
import { words } from "../../words/en";
import { LINE_FIELD, Part, Rows } from "./rows";
import { StrikeOrder } from "./StrikeOrder";
import { onEnter, STEP } from "./steps";

interface Props {
  question: QuestionUnion;
  useEditor: EditorStore;
  next: () => void;
}

/** What most questions don't need: a worth and a time of their own, hints, words for one option. */
export function MoreFields(props: Props) {
  const { question, useEditor, next } = props;
  const usual = useEditor((editor) => editor.activity.rules.worth);
  const [open, setOpen] = useState(() => hasMore(question));
  const { edit } = useEditor.getState();
  const change = (part: Partial<QuestionUnion>, key?: string) =>
    edit(
      changeQuestion(question.id, (q) => ({ ...q, ...part }) as QuestionUnion),
      key && `${question.id} ${key}`,
    );
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)} className="pl-6">
      <summary className="min-h-9 cursor-pointer py-1.5 text-sm text-soft">
        {words.sheet.moreOf}
      </summary>
      {open && (
        <div className="-ml-6">
          {question.kind !== "information" && (
            <div className="flex flex-wrap gap-4 pl-6">
              <NumberField
                label={words.sheet.worth}
                placeholder={words.sheet.worthPlaceholder(usual)}
                {...limits.PickOne.worth}
                value={question.worth}
                change={(worth) => change({ worth }, "worth")}
              />
              <NumberField
                label={words.sheet.time}
                placeholder={words.sheet.timePlaceholder}
                {...limits.PickOne.seconds}
                value={question.seconds}
                change={(seconds) => change({ seconds }, "seconds")}
              />
            </div>
          )}
          <Part title={words.sheet.hints}>
            <Rows
              rich
              texts={question.hints}
              most={limits.PickOne.hints.most}
              label={words.sheet.hint}
              placeholder={() => words.sheet.hintAdd}
              change={(hints, place) => change({ hints }, `hint ${place}`)}
              remove={(place) => change({ hints: question.hints.toSpliced(place, 1) })}
              next={next}
            />
          </Part>
          <OptionFeedback {...props} />
          {(question.kind === "pick-one" || question.kind === "pick-all") && (
            <StrikeOrder question={question} useEditor={useEditor} />
          )}
        </div>
      )}
    </details>
  );
}

const hasMore = (question: QuestionUnion) =>
  question.worth !== undefined ||
  question.seconds !== undefined ||
  question.hints.length > 0 ||
  ((question.kind === "pick-one" || question.kind === "pick-all") &&
    question.options.some((option) => option.feedback));

function OptionFeedback({ question, useEditor, next }: Props) {
  if (question.kind !== "pick-one" && question.kind !== "pick-all") return null;
  return (
    <Part title={words.sheet.optionFeedbacks}>
      <div data-option-feedback>
        {question.options.map((option, i) => (
          <div key={option.id} className="flex items-center gap-2">
            <span aria-hidden="true" className="w-5 text-sm font-semibold text-soft">
              {letter(i)}
            </span>
            <WordsField
              data={STEP}
              onKeyDown={onEnter("[data-option-feedback]", next)}
              label={words.sheet.optionFeedback(letter(i))}
              placeholder={words.sheet.feedbackPlaceholder}
              value={option.feedback ?? ""}
              maxLength={1000}
              className={LINE_FIELD}
              change={(text) =>
                useEditor.getState().edit(
                  changeOptions(question.id, (all) =>
                    all.map((o) => (o.id === option.id ? { ...o, feedback: written(text) } : o)),
                  ),
                  `${option.id} feedback`,
                )
              }
            />
          </div>
        ))}
      </div>
    </Part>
  );
}

function NumberField(props: {
  label: string;
  placeholder: string;
  least: number;
  most: number;
  value?: number;
  change: (value?: number) => void;
}) {
  const { least, most, value, change } = props;
  const empty = () => change(undefined);
  const { field, note } = useWholeNumber(value, { least, most, empty }, change);
  return (
    <label>
      <span className="block text-sm text-soft">{props.label}</span>
      <input
        {...field}
        placeholder={props.placeholder}
        className="h-11 w-44 rounded-[4px] border-b-2 border-line bg-transparent px-1.5 placeholder:text-soft hover:bg-base-200"
      />
      {note && (
        <span role="alert" className="block max-w-44 text-sm">
          {note}
        </span>
      )}
    </label>
  );
}
