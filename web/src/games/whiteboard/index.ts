import type { GameParts } from "..";
import { blank } from "./blank";
import { sheetWords } from "./sheetWords";

/** What the interface always needs of a whiteboard. */
export const whiteboard: Omit<GameParts<"whiteboard">, "Sheet" | "Sentence"> = {
  name: sheetWords.name,
  counted: sheetWords.counted,
  does: sheetWords.does,
  startsLabel: sheetWords.startsLabel,
  starts: [
    { words: sheetWords.starts.sorting, blank: blank("groups") },
    { words: sheetWords.starts.order, blank: blank("order") },
    { words: sheetWords.starts.fraction, blank: blank("fraction") },
  ],
  findings: sheetWords.findings,
  mends: sheetWords.mends,
};
