import { plural } from "../../words/format";
import type { GameParts } from "..";
import { blank } from "./blank";
import { huntFindings, huntMends, sheetWords } from "./sheetWords";

/** What the interface always needs of a word hunt. */
export const wordHunt: Omit<GameParts<"word-hunt">, "Sheet" | "Sentence" | "Notes"> = {
  name: "Look and name",
  counted: (n) => plural(n, "thing"),
  does: "Look closely and name what you see: start a game of Look and name.",
  startsLabel: "What is looked for",
  starts: [{ words: "in a picture, a text or a sound", blank }],
  asks: false,
  findings: huntFindings,
  mends: huntMends,
  thinking: sheetWords.thinking,
  blankHow: sheetWords.blankHow,
  left: sheetWords.left,
  item: (game, id) => {
    const place = game.things.findIndex((thing) => thing.id === id);
    return place < 0 ? undefined : sheetWords.item(place + 1);
  },
};
