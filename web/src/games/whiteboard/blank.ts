import { asKind } from "../../build/edits";
import type { Activity, QuestionUnion } from "../../generated/types";
import { blankQuestion } from "../../questions/blankQuestion";
import { blankActivity } from "../blankActivity";

/** A whiteboard that a teacher begins with: one page with nothing on it. */
export const blank =
  (kind: QuestionUnion["kind"]) =>
  (question: string): Activity =>
    blankActivity({
      kind: "whiteboard",
      questions: [asKind(blankQuestion(question), kind)],
      picked: false,
      flaps: true,
    });
