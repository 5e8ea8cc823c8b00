import type { Activity, Rules } from "../generated/types";

/** An activity that a teacher begins with: nothing said of it yet, under the usual rules but for these. */
export const blankActivity = (game: Activity["game"], rules: Partial<Rules> = {}): Activity => ({
  bravium: 1,
  titlePage: { title: "", tags: [] },
  game,
  rules: {
    questionOrder: "as-written",
    optionOrder: "mixed",
    worth: 10,
    passMark: 80,
    thinking: [],
    startAgain: false,
    ...rules,
  },
  endings: { win: {}, lose: {} },
});
