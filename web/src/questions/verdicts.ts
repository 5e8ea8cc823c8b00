import type { Verdict } from "../generated/types";

/** The sign of a verdict: never the colour alone. */
export const VERDICT_SIGNS: Record<Verdict, string> = {
  right: "✓",
  partly: "◐",
  wrong: "✕",
  missed: "–",
  given: "✎",
};

/** The colour of the bar beside what is said to an answer. */
export const VERDICT_BARS: Record<Verdict, string> = {
  right: "border-success",
  partly: "border-accent",
  wrong: "border-error",
  missed: "border-edge",
  given: "border-primary",
};

/** The colour of that sign. */
export const VERDICT_INKS: Record<Verdict, string> = {
  right: "text-success",
  partly: "",
  wrong: "text-error",
  missed: "text-soft",
  given: "text-primary",
};
