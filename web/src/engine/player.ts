import type { ActionUnion, HappeningUnion, Refusal, Showing } from "../generated/types";

/** A game as whoever shows it has it, whether it is played on this device or on the server. */
export interface Player<S = Showing> {
  /** What is seen now. */
  showing: S;
  /** What came of the last move. */
  happened: HappeningUnion[];
  /** Does something; says why where it is known at once that it was not taken. */
  act: (action: ActionUnion) => Refusal | undefined;
  /** Looks again: when the time is up, for instance. */
  refresh: () => void;
  /** How many moves have not reached the server yet. */
  waiting: number;
}
