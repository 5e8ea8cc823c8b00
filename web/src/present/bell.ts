import type { ActionUnion, Showing } from "../generated/types";

/** Which games had their clock held because their page was left. */
const STORED = "bravium.held-by-the-bell.";

/**
 * What holds the clock when the page is left in the middle of a game: of one in which several things
 * are open there is no pause of its own. Nothing where no clock runs.
 */
export function atTheBell(sitting: string, { stage, clock }: Showing): ActionUnion | undefined {
  if (stage !== "playing" || !clock || clock.stands) return undefined;
  localStorage.setItem(STORED + sitting, "held");
  return { kind: "hold-clock", question: "game" };
}

/** What lets the clock run again that was held because the page was left; nothing where none was. */
export function afterTheBell(sitting: string, { clock }: Showing): ActionUnion | undefined {
  const was = localStorage.getItem(STORED + sitting) !== null;
  localStorage.removeItem(STORED + sitting);
  return was && clock?.held ? { kind: "run-clock", question: "game" } : undefined;
}
