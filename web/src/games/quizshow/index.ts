import { words } from "../../words/en";
import type { GameParts } from "..";
import { blank } from "./blank";
import { boardWords } from "./words";

/** What the interface always needs of a quiz show. */
export const quizShow: Omit<GameParts<"quiz-show">, "Sheet" | "Sentence"> = {
  starts: { line: blank("line"), trail: blank("trail"), climb: blank("climb") },
  ownRules: ({ board }) =>
    board.kind === "climb"
      ? {
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
