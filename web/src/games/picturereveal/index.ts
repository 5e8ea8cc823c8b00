import { plural } from "../../words/format";
import type { GameParts } from "..";
import { blank } from "./blank";
import { revealFindings, revealMends, sheetWords } from "./sheetWords";

/** What the interface always needs of a picture reveal. */
export const pictureReveal: Omit<GameParts<"picture-reveal">, "Sheet" | "Sentence" | "Notes"> = {
  name: "Picture reveal",
  counted: (n) => plural(n, "question"),
  does: "Lift and guess: start a picture reveal.",
  startsLabel: "What is uncovered",
  starts: [{ words: "a picture under torn paper", blank }],
  findings: revealFindings,
  mends: revealMends,
  ownRules: ({ byPieces }) => ({
    ownPoints: false,
    worth: sheetWords.rules.pieceWorth,
    wins: (mark) => sheetWords.rules.piecesWin(mark.rightNeeded, mark.asked),
    ...(!byPieces && { passMark: false }),
    passes: (mark) => sheetWords.rules.passes(mark.rightNeeded, mark.asked),
  }),
  without: (game, questions) => ({
    ...game,
    pieces: game.pieces.map((piece) =>
      questions.includes(piece.question ?? "") ? { ...piece, question: undefined } : piece,
    ),
  }),
};
