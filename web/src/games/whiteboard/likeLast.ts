import { asKind, copyOf } from "../../build/edits";
import { randomId } from "../../engine/randomId";
import type { Figure, QuestionUnion } from "../../generated/types";
import { blankQuestion } from "../../questions/blankQuestion";

/**
 * A fresh page like another: the same task under the same rules, with nothing on it yet; a figure in the
 * same cut, with another number of its parts shaded.
 */
export function likeThis(page: QuestionUnion): QuestionUnion {
  const copy = copyOf(page);
  const fresh = { ...copy, feedback: {}, hints: [], off: false };
  switch (fresh.kind) {
    case "groups":
      return { ...fresh, cards: [] };
    case "order":
      return { ...fresh, cards: [] };
    case "pairs":
      return { ...fresh, pairs: [] };
    case "fraction":
      return {
        ...fresh,
        figure: shadedAnew(fresh.figure),
        other: fresh.other && fresh.task === "compare" ? shadedAnew(fresh.other) : fresh.other,
      };
    default:
      return { ...asKind({ ...blankQuestion(randomId()), text: fresh.text }, fresh.kind) };
  }
}

/** One part more; after all of them, one alone. */
function shadedAnew(figure: Figure): Figure {
  const all = figure.parts * (figure.wholes ?? 1);
  const count = (figure.shaded.length % Math.max(1, all)) + 1;
  return { ...figure, shaded: Array.from({ length: Math.min(all, count) }, (_, place) => place) };
}
