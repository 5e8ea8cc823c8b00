import { randomId } from "../../engine/randomId";
import type { Activity, Option, PickOne, QuestionUnion } from "../../generated/types";

/** Changes of a quiz show's questions, as pure functions for the editor's store. */
type Edit = (activity: Activity) => Activity;

const withQuestions =
  (change: (questions: QuestionUnion[]) => QuestionUnion[]): Edit =>
  (activity) => {
    const { questions } = activity.game;
    const next = change(questions);
    return next === questions
      ? activity
      : { ...activity, game: { ...activity.game, questions: next } };
  };

/** Changes one question. */
export const changeQuestion = (id: string, change: (q: QuestionUnion) => QuestionUnion): Edit =>
  withQuestions((questions) => questions.map((q) => (q.id === id ? change(q) : q)));

/** A question with nothing in it. */
export const blankQuestion = (id: string): QuestionUnion => ({
  kind: "pick-one",
  id,
  text: "",
  options: [],
  feedback: {},
});

/** Puts a question behind another one, or at the end. */
export const insertAfter = (id: string | undefined, question: QuestionUnion): Edit =>
  withQuestions((questions) => {
    const at = questions.findIndex((q) => q.id === id);
    return questions.toSpliced(at < 0 ? questions.length : at + 1, 0, question);
  });

/** Takes a question out. */
export const removeQuestion = (id: string): Edit =>
  withQuestions((questions) => questions.filter((q) => q.id !== id));

/** Moves a question up (-1) or down (1). */
export const moveQuestion = (id: string, by: 1 | -1): Edit =>
  withQuestions((questions) => moved(questions, id, by));

/** The same question with ids of its own. */
export function copyOf(question: QuestionUnion): QuestionUnion {
  const copy = { ...question, id: randomId() };
  return copy.kind === "pick-one"
    ? { ...copy, options: copy.options.map((option) => ({ ...option, id: randomId() })) }
    : copy;
}

/** The same question as another kind; what has no place there is left behind. */
export function asKind(question: QuestionUnion, kind: QuestionUnion["kind"]): QuestionUnion {
  if (question.kind === kind) return question;
  const { id, text, feedback } = question;
  return kind === "true-false"
    ? { kind, id, text, feedback }
    : { kind, id, text, options: [], feedback };
}

/** Changes the options of a pick-one question. */
export const changeOptions = (id: string, change: (options: Option[]) => Option[]): Edit =>
  changeQuestion(id, (q) => (q.kind === "pick-one" ? { ...q, options: change(q.options) } : q));

/** Moves an option up or down. */
export const moveOption = (question: string, option: string, by: 1 | -1): Edit =>
  changeOptions(question, (options) => moved(options, option, by));

/** Marks an option right, or takes the mark away. */
export const turnRight = (question: PickOne, option: string): Edit =>
  changeOptions(question.id, (options) =>
    options.map((o) => (o.id === option ? { ...o, right: !o.right } : o)),
  );

function moved<T extends { id: string }>(items: T[], id: string, by: 1 | -1): T[] {
  const from = items.findIndex((item) => item.id === id);
  const to = from + by;
  const item = items[from];
  if (!item || to < 0 || to >= items.length) return items;
  return items.toSpliced(from, 1).toSpliced(to, 0, item);
}
