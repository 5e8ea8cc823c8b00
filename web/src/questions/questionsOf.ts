import type { Activity, QuestionUnion } from "../generated/types";
import { words } from "../words/en";

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

/** A line of the sheet: its number among what is asked, if it is, and what it is called. */
export interface SheetLine {
  number?: number;
  name: string;
}

/** The lines of some questions: cards and what is switched off have no number. */
export function linesOf(questions: QuestionUnion[]): SheetLine[] {
  let number = 0;
  return questions.map(({ kind, off }) => {
    const card = kind === "information";
    if (card || off) return { name: words.sheet.besides(card, off === true, number) };
    number += 1;
    return { number, name: words.sheet.question(number) };
  });
}

/** What the line of a question is called; nothing where there is none. */
export const lineOf = (questions: QuestionUnion[], id?: string): SheetLine | undefined =>
  linesOf(questions)[questions.findIndex((question) => question.id === id)];
