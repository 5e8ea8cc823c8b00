import type { Showing, Side } from "../../generated/types";

/** The team that takes the question over, where it went to another than whose turn it is. */
export const takerOf = ({ teams }: Showing): Side | undefined =>
  teams.find((side) => side.answers && !side.turn);
