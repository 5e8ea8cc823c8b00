import type { Activity } from "../../generated/types";
import { blankActivity } from "../blankActivity";

/** A question video that a teacher begins with: no film yet, and watched as most are. */
export const blank = (): Activity =>
  blankActivity({
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
  });
