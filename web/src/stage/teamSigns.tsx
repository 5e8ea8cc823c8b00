import type { Sign } from "../generated/types";

/** Each sign as one drawn shape, so that teams can be told apart without any colour. */
const SHAPES: Record<Sign, string> = {
  leaf: "M12 22V12M12 21C4 19 3 10 12 2c9 8 8 17 0 19Z",
  acorn: "M5 10c0-4 3-6 7-6s7 2 7 6ZM6.5 10c0 6 2.500 9 5.500 11 3-2 5.500-5 5.500-11M12 4V2",
  feather: "M4 21 14 10M7 17c-1-7 4-13 13-14 0 9-5 15-12 14.500ZM11 14h5M13 10h5",
  pebble: "M3 14c0-5 4-8 9.500-8S21 9 21 13s-4 6-9 6-9-1-9-5Z",
  kite: "M12 2 19 9 12 17 5 9ZM12 2v15M5 9h14M12 17c-2 2 2 3 0 5",
  lantern: "M9 4h6M12 2v2M7 7h10l1 11H6ZM8 18v3h8v-3M12 10v5",
};

/** The signs there are, in the order in which teams get them. */
export const SIGNS = Object.keys(SHAPES) as Sign[];

/** A team's sign, drawn in the colour of the text around it. */
export function TeamSign({ sign, className }: { sign: Sign; className?: string }) {
  return (
    <svg
      viewBox="0 0 24 24"
      aria-hidden="true"
      className={className ?? "size-[1.3em] shrink-0"}
      fill="none"
      stroke="currentColor"
      strokeWidth={1.8}
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      <path d={SHAPES[sign]} />
    </svg>
  );
}
