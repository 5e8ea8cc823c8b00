import type { ActionUnion } from "../generated/types";

/** The moves that only tell something, of all games: they are never taken back, and nobody waits for them. */
const REPORTS = new Set<ActionUnion["kind"]>(["watch"]);

/** Whether a move only tells something. */
export const isReport = (action: ActionUnion) => REPORTS.has(action.kind);
