import type { Activity } from "../../generated/types";

/** A word hunt that a teacher begins with: one thing with no name. */
export const blank = (thing: string): Activity => ({
  bravium: 1,
  titlePage: { title: "", tags: [] },
  game: {
    kind: "word-hunt",
    things: [{ id: thing, names: [""] }],
    entries: 10,
    list: "blanks",
    comparing: {
      caseMatters: false,
      signsMatter: false,
      accentsMatter: false,
      slips: false,
      anyOrder: false,
      articles: true,
    },
    nearly: "free",
    oneByOne: false,
    letters: true,
    pick: false,
    decoys: [],
    again: false,
  },
  rules: {
    questionOrder: "as-written",
    optionOrder: "as-written",
    worth: 1,
    passMark: 80,
    thinking: [],
    startAgain: false,
  },
  endings: { win: {}, lose: {} },
});
