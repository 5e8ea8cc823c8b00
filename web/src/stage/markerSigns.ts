import type { State } from "../generated/types";

/** What stands on a marker, so that colour is never the only sign. */
export const MARKER_SIGNS: Record<State, string> = {
  "to-do": "",
  now: "•",
  right: "✓",
  wrong: "✕",
  missed: "–",
  partly: "◐",
  retry: "↺",
  given: "✎",
};
