import type { EditorStore } from "../../build/editor";
import { changeQuestion } from "../../build/edits";
import type { Credit, FreeAnswer, QuestionUnion } from "../../generated/types";
import { GrowingText } from "../../ui/GrowingText";
import { words } from "../../words/en";
import { OptionLines } from "../sheet/OptionLines";
import { OrderFields, PairsFields, ScoringChoice } from "./CardFields";
import { FractionFields } from "./FractionFields";
import { GapsFields } from "./GapsFields";
import { NumberFields } from "./NumberFields";
import { PointFields } from "./PointFields";
import { Choice, Part } from "./rows";
import { GroupsFields } from "./SortingFields";
import { TextFields } from "./TextFields";
import { Truth } from "./Truth";

/** What the fields of one kind of question are given. */
export interface FieldsProps<Q extends QuestionUnion> {
  question: Q;
  /** Changes the question; changes with the same key that follow quickly are one step of undo. */
  change: (part: Partial<Q>, key?: string) => void;
  next: () => void;
}

/** What has to be written for a question, after its kind. */
export function KindFields(props: {
  question: QuestionUnion;
  useEditor: EditorStore;
  next: () => void;
}) {
  const { question, useEditor, next } = props;
  const change = (part: object, key?: string) =>
    useEditor.getState().edit(
      changeQuestion(question.id, (q) => ({ ...q, ...part })),
      key && `${question.id} ${key}`,
    );
  switch (question.kind) {
    case "pick-one":
      return <OptionLines question={question} useEditor={useEditor} next={next} />;
    case "pick-all":
      return (
        <>
          <OptionLines question={question} useEditor={useEditor} next={next} />
          <CreditChoice value={question.credit} change={change} />
        </>
      );
    case "true-false":
      return <Truth question={question} change={change} next={next} />;
    case "typed-text":
      return <TextFields question={question} change={change} next={next} />;
    case "number":
      return <NumberFields question={question} change={change} next={next} />;
    case "gaps":
      return (
        <>
          <GapsFields question={question} change={change} next={next} />
          <CreditChoice value={question.credit} change={change} />
        </>
      );
    case "order":
      return (
        <>
          <OrderFields question={question} change={change} next={next} />
          <ScoringChoice question={question} change={change} />
          <CreditChoice value={question.credit} change={change} />
        </>
      );
    case "pairs":
      return (
        <>
          <PairsFields question={question} change={change} next={next} />
          <CreditChoice value={question.credit} change={change} />
        </>
      );
    case "groups":
      return (
        <>
          <GroupsFields question={question} change={change} next={next} />
          <CreditChoice value={question.credit} change={change} />
        </>
      );
    case "point":
      return <PointFields question={question} change={change} next={next} />;
    case "fraction":
      return <FractionFields question={question} change={change} next={next} />;
    case "free-answer":
      return <ModelField question={question} change={change} next={next} />;
    default:
      return null;
  }
}

/** A free answer as it could be. */
function ModelField({ question, change, next }: FieldsProps<FreeAnswer>) {
  return (
    <Part title={words.sheet.model}>
      <GrowingText
        data-row
        aria-label={words.sheet.model}
        placeholder={words.sheet.modelPlaceholder}
        value={question.model ?? ""}
        maxLength={1000}
        onChange={(event) => change({ model: event.target.value || undefined }, "model")}
        onKeyDown={(event) => {
          if (event.key !== "Enter" || event.shiftKey) return;
          event.preventDefault();
          next();
        }}
        className="w-full resize-none rounded-[4px] bg-transparent px-1.5 py-1.5 text-lg placeholder:text-soft hover:bg-base-200"
      />
    </Part>
  );
}

function CreditChoice(props: { value: Credit; change: (part: { credit: Credit }) => void }) {
  return (
    <Choice
      label={words.sheet.creditLabel}
      text={words.sheet.credit}
      names={words.sheet.credits}
      value={props.value}
      change={(credit) => props.change({ credit })}
    />
  );
}
