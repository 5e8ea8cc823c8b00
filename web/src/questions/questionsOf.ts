import type { Activity, QuestionUnion } from "../generated/types";

const NONE: QuestionUnion[] = [];

/** The questions of an activity; none where its game asks nothing. */
export const questionsOf = ({ game }: Activity): QuestionUnion[] =>
  "questions" in game ? game.questions : NONE;

/** The same activity with other questions; as it is where its game asks nothing. */
export const withQuestions = (activity: Activity, questions: QuestionUnion[]): Activity =>
  "questions" in activity.game ? { ...activity, game: { ...activity.game, questions } } : activity;

/** How many of some questions are asked, are cards that say something, and are switched off. */
export const countsOf = (questions: QuestionUnion[]) => {
  const on = questions.filter(({ off }) => !off);
  const cards = on.filter(({ kind }) => kind === "information").length;
  return { asked: on.length - cards, cards, off: questions.length - on.length };
};
