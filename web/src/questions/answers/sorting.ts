import type { Asked, Placing, SortingSheet } from "../../generated/types";
import { plainOf } from "../../rich/words";
import { words } from "../../words/learner";

export type SortingPlaces = SortingSheet;

/** What stands for lying in no group at all. */
export const NOWHERE = "nowhere";

/** A place by the groups that it is in at once, in whatever order they are said. */
export const keyOf = (groups: string[]) => {
  const named = groups.filter(Boolean);
  return named.length === 0 ? NOWHERE : [...named].sort().join(" ");
};

/** The placings of a card that lies at a place. */
export const placingsOf = (card: string, key: string): Placing[] =>
  key === NOWHERE ? [{ card, target: "" }] : key.split(" ").map((target) => ({ card, target }));

/** What a place is called. */
export function placeName(question: Asked, key: string): string {
  if (key === NOWHERE) return words.game.nowhere;
  const names = question.targets
    .filter((target) => key.split(" ").includes(target.id))
    .map((target) => plainOf(target.text));
  return names.length > 1
    ? words.game.both(names.slice(0, -1).join(", "), names.at(-1) ?? "")
    : (names[0] ?? "");
}

/** How the groups of a question lie; plain columns where nothing is said. */
export function sheetOf(question: Asked): SortingPlaces {
  const { sheet, targets } = question;
  return sheet?.kind === "sorting"
    ? sheet
    : {
        kind: "sorting",
        arrangement: "columns",
        columns: targets.length,
        rings: [],
        places: targets.map((target) => ({ groups: [target.id] })),
        atOnce: false,
        lying: [],
        marks: [],
      };
}
