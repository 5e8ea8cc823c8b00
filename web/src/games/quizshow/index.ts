import { words } from "../../words/en";
import { plural } from "../../words/format";
import type { GameParts } from "..";
import { blank } from "./blank";
import { boardFindings, boardMends } from "./findings";
import { boardWords } from "./words";

/** What the interface always needs of a quiz show. */
export const quizShow: Omit<GameParts<"quiz-show">, "Sheet" | "Sentence"> = {
  name: "Quiz show",
  counted: (n) => plural(n, "question"),
  does: "Answer questions: start a quiz show on a blank page.",
  startsLabel: "How the questions come",
  starts: [
    { words: "one after another", blank: blank("line") },
    { words: "from pegs on a picture", blank: blank("trail") },
    { words: "step by step up a climb", blank: blank("climb") },
  ],
  findings: boardFindings,
  mends: boardMends,
  ownRules: ({ board }) =>
    board.kind === "climb"
      ? {
          ownPoints: true,
          worth: boardWords.board.firstStep,
          wins: (mark) => boardWords.board.climbWins(mark.rightNeeded, mark.asked, mark.needed),
          passes: words.readiness.climbs,
        }
      : undefined,
  without: (game, questions) =>
    game.board.kind === "trail"
      ? {
          ...game,
          board: {
            ...game.board,
            markers: game.board.markers.filter(({ question }) => !questions.includes(question)),
          },
        }
      : game,
};
