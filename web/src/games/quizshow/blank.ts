import type { Activity } from "../../generated/types";
import { blankQuestion } from "../../questions/blankQuestion";
import { blankBoard } from "./blankBoard";

/** A quiz show that a teacher begins with: one question with nothing in it. */
export const blank =
  (kind: string) =>
  (question: string): Activity => ({
    bravium: 1,
    titlePage: { title: "", tags: [] },
    game: {
      kind: "quiz-show",
      board: blankBoard(kind, 0),
      questions: [blankQuestion(question)],
    },
    rules: {
      // A climb rises, so that its questions come as they are written.
      questionOrder: kind === "climb" ? "as-written" : "mixed",
      optionOrder: "mixed",
      worth: 10,
      passMark: 80,
      thinking: [],
      startAgain: false,
    },
    endings: { win: {}, lose: {} },
  });
