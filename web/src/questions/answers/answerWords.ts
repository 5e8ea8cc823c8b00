import type { Asked, ResponseUnion } from "../../generated/types";
import { plainOf } from "../../rich/words";
import { words } from "../../words/learner";

/** The words of an option or card: the teacher's own, or those for true and false. */
export function choiceWords(question: Asked, id: string): string {
  const place = question.choices.findIndex((c) => c.id === id);
  // “True” comes first, whatever it is called in this play.
  return question.kind === "true-false"
    ? (words.game.truth[place] ?? "")
    : plainOf(question.choices[place]?.text ?? "");
}

const targetWords = (question: Asked, id: string) =>
  plainOf(question.targets.find((target) => target.id === id)?.text ?? "");

/** What was answered, on one line. */
export function responseWords(question: Asked, response?: ResponseUnion): string {
  switch (response?.kind) {
    case "picked":
      return choiceWords(question, response.option);
    case "picked-all":
      return response.options.map((id) => choiceWords(question, id)).join(", ");
    case "typed":
      return response.text;
    case "filled":
      return response.words.map((word) => word || "…").join(" · ");
    case "ordered":
      return response.cards.map((id) => choiceWords(question, id)).join(" → ");
    case "placed":
      return response.placings
        .map((p) => `${targetWords(question, p.target)} – ${choiceWords(question, p.card)}`)
        .join(" · ");
    case "pointed":
      return words.game.pointedAt(response.x, response.y);
    case undefined:
      return words.game.noAnswer;
  }
}

/** What would have been right, as it was given away: by ids where it has some. */
export const rightOf = (told: { right?: string[] | null; rightIds: string[] }) =>
  told.rightIds.length > 0 ? told.rightIds : (told.right ?? undefined);

/** What would have been right, on one line, from what was given away. */
export function solutionWords(question: Asked, right: string[]): string {
  switch (question.kind) {
    case "pick-one":
    case "pick-all":
    case "true-false":
      return right.map((id) => choiceWords(question, id)).join(", ");
    case "order":
      return right.map((id) => choiceWords(question, id)).join(" → ");
    case "pairs":
      return right
        .map(
          (id, i) => `${plainOf(question.targets[i]?.text ?? "")} – ${choiceWords(question, id)}`,
        )
        .join(" · ");
    case "groups":
      return question.choices
        .map((card, i) => `${plainOf(card.text)} – ${targetWords(question, right[i] ?? "")}`)
        .join(" · ");
    case "typed-text":
      return right.join(" / ");
    default:
      return right.join(" · ");
  }
}
