import type { Activity } from "../../generated/types";
import { blankQuestion } from "../../questions/blankQuestion";
import { blankActivity } from "../blankActivity";
import { blankBoard } from "./blankBoard";

/** A quiz show that a teacher begins with: one question with nothing in it. */
export const blank =
  (kind: string) =>
  (question: string): Activity =>
    blankActivity(
      {
        kind: "quiz-show",
        board: blankBoard(kind, 0),
        questions: [blankQuestion(question)],
      },
      {
        // A climb rises, so that its questions come as they are written.
        questionOrder: kind === "climb" ? "as-written" : "mixed",
      },
    );
