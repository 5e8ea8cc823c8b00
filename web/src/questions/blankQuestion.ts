import type { QuestionUnion } from "../generated/types";

/** A question with nothing in it. */
export const blankQuestion = (id: string): QuestionUnion => ({
  kind: "pick-one",
  id,
  text: "",
  options: [],
  feedback: {},
  off: false,
  hints: [],
  strikeOrder: [],
});
