/** A place on the drawn path. */
export interface StepPlace {
  x: number;
  y: number;
}

/** The drawing is this wide, whatever it is shown at. */
export const WIDTH = 1_000;
/** A climb of few steps spreads out; one of many has closer rows. */
const TALLEST = 1_500;
const FARTHEST = 420;
const FOOT = 120;
const HEAD = 130;
/** How much narrower the slope is at the top than at the foot. */
const NARROWS = 0.34;
/** How much of the way up a row takes, and how much the turn to the next. */
const RISES = 0.36;

/** From so many steps on only those that matter have their worth written on them. */
export const MANY = 12;

export interface Winding {
  places: StepPlace[];
  height: number;
  /** The path as an SVG path, and the slope behind it. */
  path: string;
  slope: string;
}

/**
 * A path that winds up a slope in rows, going right and left in turn and rising all the way. The
 * foot comes first, then every step to the top.
 */
export function windingPath(steps: number): Winding {
  const perRow = steps > MANY ? 5 : 3;
  const rows = Math.ceil((steps + 1) / perRow);
  const row = Math.min(FARTHEST, (TALLEST - FOOT - HEAD) / rows);
  const height = FOOT + HEAD + row * (rows - 1 + RISES);
  const places = Array.from({ length: steps + 1 }, (_, i) => placeOf(i, perRow, rows, row, height));
  return { places, height, path: curve(places), slope: slopeOf(height) };
}

function placeOf(
  step: number,
  perRow: number,
  rows: number,
  row: number,
  height: number,
): StepPlace {
  const line = Math.floor(step / perRow);
  const along = (step % perRow) / (perRow - 1);
  const reach = 350 * (1 - (NARROWS * line) / Math.max(1, rows));
  const across = along * 2 - 1;
  return {
    x: WIDTH / 2 + (line % 2 === 0 ? across : -across) * reach,
    y: height - FOOT - row * (line + RISES * along),
  };
}

/** A smooth line through all places. */
function curve(places: StepPlace[]): string {
  const [first, ...rest] = places;
  if (!first) return "";
  let before = first;
  let path = `M ${first.x} ${first.y}`;
  for (const place of rest) {
    const turns = Math.abs(place.x - before.x) < 120;
    const out = before.x > WIDTH / 2 ? 150 : -150;
    const [bend, rise] = turns ? [out, (before.y - place.y) / 3] : [0, 0];
    const middle = (before.x + place.x) / 2;
    path += turns
      ? ` C ${before.x + bend} ${before.y - rise} ${place.x + bend} ${place.y + rise} ${place.x} ${place.y}`
      : ` C ${middle} ${before.y} ${middle} ${place.y} ${place.x} ${place.y}`;
    before = place;
  }
  return path;
}

function slopeOf(height: number): string {
  return `M 0 ${height} V ${height * 0.86} Q 60 ${height * 0.4} 190 ${height * 0.12} Q 330 ${-height * 0.04} 520 8 Q 690 0 790 ${height * 0.13} Q 930 ${height * 0.42} ${WIDTH} ${height * 0.84} V ${height} Z`;
}
