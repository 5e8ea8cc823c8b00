import { plural } from "../../words/format";
import type { GameParts } from "..";
import { escapeActions } from "./actions";
import { inARow, oneCode, twoWays } from "./blank";
import { escapeFindings, escapeMends, titleOf } from "./sheetWords";

/** What the interface always needs of an escape room. */
export const escapeRoom: Omit<GameParts<"escape-room">, "Sheet" | "Sentence" | "Notes"> = {
  name: "Escape room",
  counted: (n) => plural(n, "lock"),
  does: "Open locks and find the way out: start an escape room.",
  startsLabel: "How it is laid out",
  starts: [
    { words: "as three rooms in a row", blank: inARow },
    { words: "with everything at once and one final code", blank: oneCode },
    { words: "with two ways that meet", blank: twoWays },
  ],
  asks: false,
  findings: escapeFindings,
  mends: escapeMends,
  item: (game, id) => titleOf(game, id) || undefined,
  actions: escapeActions,
  without: (game, questions) => ({
    ...game,
    locks: game.locks.filter(({ id }) => !questions.includes(id)),
  }),
};
