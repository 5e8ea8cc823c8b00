import type { Showing, Side } from "../generated/types";

/** The team that takes the question over, where it went to another than whose turn it is. */
export const takerOf = ({ teams }: Showing): Side | undefined =>
  teams.find((side) => side.answers && !side.turn);

/** Whether nobody can answer yet, because the teacher gives the turns. */
export const waitsForTurn = ({ teams, stage }: Showing): boolean =>
  teams.length > 0 && stage === "question" && !teams.some((side) => side.answers);
