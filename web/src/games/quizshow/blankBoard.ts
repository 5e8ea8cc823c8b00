import { limits } from "../../generated/limits";
import type { BoardUnion } from "../../generated/types";

const { least: FEWEST_STEPS, most: MOST_STEPS } = limits.Climb.steps;
const USUAL_STEPS = 8;

/** A board with nothing on it yet; a climb has as many steps as there are questions. */
export function blankBoard(kind: string, questions: number): BoardUnion {
  if (kind === "trail") return { kind, markers: [] };
  if (kind !== "climb") return { kind: "line" };
  const steps = Math.min(MOST_STEPS, Math.max(FEWEST_STEPS, questions || USUAL_STEPS));
  const rests = steps >= 6 ? [Math.ceil(steps / 3), Math.ceil((2 * steps) / 3)] : [];
  return { kind, steps, rise: "even", worths: [], rests, miss: "rest" };
}
