import type { CellMark } from "../generated/types";

/** A sign for how an item came out: a shape, so that it is told without its colour. */
export const MARK_SIGNS: Record<CellMark, string> = {
  right: "✓",
  partly: "≈",
  wrong: "✕",
  missed: "–",
  given: "●",
  waits: "?",
  none: "",
};

export const MARK_INKS: Record<CellMark, string> = {
  right: "text-success",
  partly: "text-success",
  wrong: "text-error",
  missed: "text-soft",
  given: "text-primary",
  waits: "bg-accent text-accent-content",
  none: "text-soft",
};
