import { fractionRead } from "../engine/LocalGame";
import type { QuestionUnion } from "../generated/types";
import { plainOf } from "../rich/words";

/** What a question asks, as plain text: what its teacher wrote, or what follows from its figure. */
export const titleOf = (question: QuestionUnion): string =>
  plainOf(question.text).trim() ||
  (question.kind === "fraction" ? fractionRead(question).asked : "");
