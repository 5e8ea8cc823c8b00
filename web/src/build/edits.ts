import { randomId } from "../engine/randomId";
import type { Activity, Option, PickOne, QuestionUnion } from "../generated/types";

/** Changes of an activity's questions, as pure functions for the editor's store. */
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
  off: false,
});

/** Puts questions behind another one, or at the end. */
export const insertAfter = (id: string | undefined, ...added: QuestionUnion[]): Edit =>
  withQuestions((questions) => {
    const at = questions.findIndex((q) => q.id === id);
    return questions.toSpliced(at < 0 ? questions.length : at + 1, 0, ...added);
  });

/** Takes questions out. */
export const removeQuestions = (ids: string[]): Edit =>
  withQuestions((questions) => questions.filter((q) => !ids.includes(q.id)));

/** Moves questions up (-1) or down (1) together; those at the end of the sheet stay there. */
export const moveQuestions = (ids: string[], by: 1 | -1): Edit =>
  withQuestions((questions) => moved(questions, ids, by));

/** Switches questions off, or on if all of them are off. */
export const switchQuestions = (ids: string[]): Edit =>
  withQuestions((questions) => {
    const chosen = questions.filter((q) => ids.includes(q.id));
    const off = !chosen.every((q) => q.off);
    return chosen.length === 0
      ? questions
      : questions.map((q) => (ids.includes(q.id) ? { ...q, off } : q));
  });

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
  const { id, text, feedback, off } = question;
  return kind === "true-false"
    ? { kind, id, text, feedback, off }
    : { kind, id, text, options: [], feedback, off };
}

/** Changes the options of a pick-one question. */
export const changeOptions = (id: string, change: (options: Option[]) => Option[]): Edit =>
  changeQuestion(id, (q) => (q.kind === "pick-one" ? { ...q, options: change(q.options) } : q));

/** Moves an option up or down. */
export const moveOption = (question: string, option: string, by: 1 | -1): Edit =>
  changeOptions(question, (options) => moved(options, [option], by));

/** Marks an option right, or takes the mark away. */
export const turnRight = (question: PickOne, option: string): Edit =>
  changeOptions(question.id, (options) =>
    options.map((o) => (o.id === option ? { ...o, right: !o.right } : o)),
  );

/** Pins an option to its place, or lets it be mixed again. */
export const turnPin = (question: PickOne, option: string): Edit =>
  changeOptions(question.id, (options) =>
    options.map((o) => (o.id === option ? { ...o, pinned: !o.pinned } : o)),
  );

function moved<T extends { id: string }>(items: T[], ids: string[], by: 1 | -1): T[] {
  const next = by === 1 ? items.toReversed() : [...items];
  for (let i = 1; i < next.length; i++) {
    const [before, item] = [next[i - 1], next[i]];
    if (before && item && ids.includes(item.id) && !ids.includes(before.id)) {
      next[i - 1] = item;
      next[i] = before;
    }
  }
  const ordered = by === 1 ? next.reverse() : next;
  return ordered.every((item, i) => item === items[i]) ? items : ordered;
}
