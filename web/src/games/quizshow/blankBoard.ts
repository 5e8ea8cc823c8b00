import { limits } from "../../generated/limits";
import type { BoardUnion } from "../../generated/types";

const { least: FEWEST_STEPS, most: MOST_STEPS } = limits.Climb.steps;
const USUAL_STEPS = 8;

/** A board with nothing on it yet; a climb has as many steps as there are questions. */
export function blankBoard(kind: string, questions: number): BoardUnion {
  if (kind === "trail") return { kind, markers: [] };
  if (kind !== "climb") return { kind: "line" };
  const steps = Math.min(MOST_STEPS, Math.max(FEWEST_STEPS, questions || USUAL_STEPS));
  // Camps at about two fifths and three quarters of the way.
  const rests = steps >= 6 ? [Math.round(steps * 0.4), Math.round(steps * 0.75)] : [];
  return { kind, steps, rise: "even", worths: [], rests, miss: "rest" };
}
