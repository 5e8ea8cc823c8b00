import type { Comparing, QuestionUnion } from "../generated/types";
import { blankQuestion } from "./blankQuestion";

/** A question for which these texts are right: to ask the core how something would be compared. */
export function typedLike(accepted: string[], comparing: Comparing): QuestionUnion {
  const { text, feedback, off, hints } = blankQuestion("");
  const rest = { text, feedback, off, hints, mistakes: [] };
  return { kind: "typed-text", id: "", ...rest, accepted, comparing };
}
