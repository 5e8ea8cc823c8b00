import { plural } from "../../words/format";

/** What readiness finds in a quiz show alone. */
export const boardFindings: Record<string, (values: string[]) => string> = {
  "no-trail-picture": () => "The trail has no picture yet. Its pegs stand on plain ground.",
  "marker-without-question": () => "A peg’s question has gone. It is not shown.",
  "question-without-marker": () =>
    "This question has no peg on the picture. It stands at the lower edge.",
  "trail-too-long": ([asked, room]) =>
    `${asked} questions are more than the ${room} that fit on a picture.`,
  "climb-falls": ([step, worth, below]) =>
    `Step ${step} is worth ${worth}, no more than the ${below} of the step below.`,
  "rest-above-top": ([rest, top]) => `Step ${rest} is a camp, but the top is step ${top}.`,
  "few-for-climb": ([questions, steps]) =>
    `There are ${plural(Number(questions), "question")} for ${plural(Number(steps), "step")}, so the top is out of reach.`,
  "few-for-teams": ([each, steps, teams]) =>
    `With ${teams} teams each is asked ${plural(Number(each), "question")}, but the top is step ${steps}: no team can reach it.`,
  "not-on-climb": () => "Nobody can mark this at once, so a climb leaves it out.",
};

/** What is done about it. */
export const boardMends: Record<string, (values: string[]) => string> = {
  "marker-without-question": () => "Remove the peg",
  "question-without-marker": () => "Place all that are missing",
  "climb-falls": () => "Let it rise evenly",
  "rest-above-top": () => "Remove it",
  "few-for-climb": ([questions]) => `Make it ${plural(Number(questions), "step")}`,
  "few-for-teams": ([each]) => `Make it ${plural(Number(each), "step")}`,
};
