import { plural } from "../../words/format";
import type { GameParts } from "..";
import { videoActions } from "./actions";
import { blank } from "./blank";
import { sheetWords, videoFindings, videoMends } from "./sheetWords";

/** What the interface always needs of a question video. */
export const questionVideo: Omit<GameParts<"question-video">, "Sheet" | "Sentence" | "Notes"> = {
  name: "Question video",
  counted: (n) => plural(n, "question"),
  does: "Watch and answer: start a question video.",
  startsLabel: "What is watched",
  starts: [{ words: "a film with stops", blank }],
  ownRules: () => ({
    ownPoints: false,
    worth: sheetWords.rules.worth,
    wins: (mark) => sheetWords.rules.wins(mark.rightNeeded, mark.asked),
    passes: (mark) => sheetWords.rules.passes(mark.rightNeeded, mark.asked),
    asksAll: true,
  }),
  blankHow: sheetWords.blankHow,
  findings: videoFindings,
  mends: videoMends,
  actions: videoActions,
  without: (game, questions) => ({
    ...game,
    stops: game.stops.filter((stop) => !questions.includes(stop.question)),
  }),
};
