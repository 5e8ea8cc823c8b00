import type { Activity } from "../../generated/types";
import { blankActivity } from "../blankActivity";
import { MORE_GOES } from "./hunting";

/** A word hunt that a teacher begins with: one thing with no name. */
export const blank = (thing: string): Activity =>
  blankActivity(
    {
      kind: "word-hunt",
      things: [{ id: thing, names: [""] }],
      entries: 1 + MORE_GOES,
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
    {
      optionOrder: "as-written",
    },
  );
