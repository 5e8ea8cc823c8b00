import type { Activity } from "../../generated/types";

/** A question video that a teacher begins with: no film yet, and watched as most are. */
export const blank = (): Activity => ({
  bravium: 1,
  titlePage: { title: "", tags: [] },
  game: {
    kind: "question-video",
    questions: [],
    stops: [],
    script: [],
    watching: {
      back: true,
      ahead: false,
      skip: false,
      fastest: 100,
      again: false,
      share: 90,
      pennants: "all",
    },
  },
  rules: {
    questionOrder: "as-written",
    optionOrder: "mixed",
    worth: 10,
    passMark: 80,
    thinking: [],
    startAgain: false,
  },
  endings: { win: {}, lose: {} },
});
