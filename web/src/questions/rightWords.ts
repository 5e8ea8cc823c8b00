import type { QuestionUnion } from "../generated/types";
import { plainOf } from "../rich/words";
import { words } from "../words/en";

/** What is right in a question, in a few words; nothing where that is not said yet. */
export function rightWords(question: QuestionUnion): string {
  switch (question.kind) {
    case "pick-one":
    case "pick-all":
      return list(
        question.options.filter((option) => option.right).map((option) => plainOf(option.text)),
      );
    case "true-false":
      return question.answer === undefined ? "" : (words.game.truth[question.answer ? 0 : 1] ?? "");
    case "typed-text":
      return list(question.accepted);
    case "number":
      return [question.value, question.units[0]].filter(Boolean).join(" ");
    case "gaps":
      return list(
        [...plainOf(question.text).matchAll(/\[([^[\]|]+)[^[\]]*\]/g)].map(
          (gap) => gap[1]?.trim() ?? "",
        ),
      );
    case "order":
      return question.cards
        .map((card) => plainOf(card.text))
        .filter(Boolean)
        .join(" → ");
    case "pairs":
      return list(
        question.pairs.map(({ left, right }) => `${plainOf(left.text)} – ${plainOf(right.text)}`),
      );
    case "groups":
      return list(question.groups.map((group) => plainOf(group.text)));
    case "fraction":
      return words.sheet.fraction.tasks[question.task];
    case "point":
      return list(question.areas.filter((area) => area.right).map((area) => area.name || "✓"));
    case "free-answer":
    case "discussion":
    case "information":
      return words.sheet.unmarked[question.kind];
    default:
      return "";
  }
}

const list = (texts: string[]) => texts.filter((text) => text.trim()).join(" · ");
