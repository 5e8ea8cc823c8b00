import type { Activity } from "../../generated/types";
import { blankQuestion } from "../../questions/blankQuestion";
import { blankActivity } from "../blankActivity";

/** A picture reveal that a teacher begins with: nine pieces, and a question with nothing in it. */
export const blank = (question: string): Activity =>
  blankActivity({
    kind: "picture-reveal",
    cut: { rows: 3, columns: 3, uneven: [] },
    pieces: [],
    questions: [blankQuestion(question)],
    accepted: [],
    comparing: {
      caseMatters: false,
      signsMatter: false,
      accentsMatter: false,
      slips: true,
      anyOrder: false,
      articles: true,
    },
    guessing: { first: 100, less: 10, anyTeam: false },
    byPieces: false,
  });
