import type { Asked, Placed, ResponseUnion, Told } from "../../generated/types";
import { plainOf } from "../../rich/words";
import { words } from "../../words/learner";
import { keyOf, placeName, sheetOf } from "./sorting";

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

const wholesOf = ({ sheet }: Asked) =>
  sheet?.kind === "fraction" ? (sheet.figures.at(-1)?.wholes ?? 1) : 1;

/** Place by place in the order of the places, with the cards that lie there. */
function sortedWords(question: Asked, { placings }: Placed): string {
  const cards = new Map<string, string[]>();
  for (const card of question.choices) {
    const groups = placings.filter((p) => p.card === card.id).map((p) => p.target);
    if (groups.length === 0) continue;
    const key = keyOf(groups);
    cards.set(key, [...(cards.get(key) ?? []), choiceWords(question, card.id)]);
  }
  const places = sheetOf(question).places.map((place) => keyOf(place.groups));
  return [...cards]
    .sort(([one], [other]) => places.indexOf(one) - places.indexOf(other))
    .map(([key, names]) => `${placeName(question, key)}: ${names.join(", ")}`)
    .join(" · ");
}

/** Card by card, with the partners beside it. */
const besideWords = (question: Asked, { placings }: Placed) =>
  question.targets
    .flatMap(({ id }) => {
      const cards = placings.filter((p) => p.target === id);
      return cards.length === 0
        ? []
        : `${targetWords(question, id)} – ${cards.map((p) => choiceWords(question, p.card)).join(", ")}`;
    })
    .join(" · ");

/** What was answered, on one line. */
export function responseWords(question: Asked, response?: ResponseUnion): string {
  switch (response?.kind) {
    case "picked":
      return question.kind === "fractions-compared"
        ? (words.game.compared[response.option] ?? "")
        : choiceWords(question, response.option);
    case "picked-all":
      return response.options.map((id) => choiceWords(question, id)).join(", ");
    case "typed":
      return response.text;
    case "filled":
      return response.words.map((word) => word || "…").join(" · ");
    case "ordered":
      return response.cards.map((id) => choiceWords(question, id)).join(" → ");
    case "placed":
      return question.kind === "groups"
        ? sortedWords(question, response)
        : besideWords(question, response);
    case "shaded":
      return words.game.shaded(response.places.length, response.parts * wholesOf(question));
    case "pointed":
      return words.game.pointedAt(response.x, response.y);
    case undefined:
      return words.game.noAnswer;
  }
}

/** What would have been right, as it was given away: by ids where it has some. */
export const rightOf = (told: { right?: string[] | null; rightIds: string[] }) =>
  told.rightIds.length > 0 ? told.rightIds : (told.right ?? undefined);

/** What would have been right, on one line, as far as it was given away; nothing where it wasn't. */
export function toldRight(question: Asked, told: Told): string | undefined {
  const right = rightOf(told);
  if (!right?.length) return undefined;
  return told.model && told.model.kind === "placed"
    ? responseWords(question, told.model)
    : solutionWords(question, right);
}

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
