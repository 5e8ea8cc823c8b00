import type { State } from "../generated/types";
import { FLAGS, SIGN_COLOURS } from "./flags";
import { MARKER_SIGNS } from "./markerSigns";

/** One pennant, still to be won or won: its state is said in words beside it. */
export function Pennant({ state, width = 44 }: { state: State; width?: number }) {
  return (
    <svg
      width={width}
      height={(width * 56) / 44}
      viewBox="0 0 44 56"
      aria-hidden="true"
      className="shrink-0"
    >
      <path d="M2 2h40v34l-20 18l-20-18z" className={FLAGS[state]} strokeWidth={2} />
      <text
        x={22}
        y={28}
        textAnchor="middle"
        className={`font-display text-xl font-bold ${SIGN_COLOURS[state]}`}
      >
        {MARKER_SIGNS[state]}
      </text>
    </svg>
  );
}
