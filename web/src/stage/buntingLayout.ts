/** Where a pennant hangs, in pixels: x of its middle, y of its upper edge. */
export interface Hanging {
  x: number;
  y: number;
  width: number;
}

/** One string of pennants; long strings are hung in several rows. */
export interface Row {
  first: number;
  hangings: Hanging[];
  string: string;
}

const NARROWEST = 20;
const GAP = 0.55;
/** From here on there are so many that they hang closer and straighter. */
const MANY = 30;
const NARROWEST_OF_MANY = 13;
const GAP_OF_MANY = 0.25;

const measures = (count: number) =>
  count > MANY
    ? { narrowest: NARROWEST_OF_MANY, gap: GAP_OF_MANY }
    : { narrowest: NARROWEST, gap: GAP };

/** How many pennants fit beside each other. */
export function perRow(count: number, width: number): number {
  const { narrowest, gap } = measures(count);
  const fit = Math.max(1, Math.floor(width / (narrowest * (1 + gap))));
  const rows = Math.ceil(count / fit);
  return Math.ceil(count / Math.max(1, rows));
}

/** Hangs the pennants on strings that sag in the middle. */
export function hang(count: number, width: number, small = false): { rows: Row[]; height: number } {
  if (count === 0 || width === 0) return { rows: [], height: 0 };
  const each = perRow(count, width);
  const step = width / each;
  const widest = small ? 50 : Math.max(46, width / 18);
  const pennant = Math.min(count > MANY ? widest / 1.5 : widest, step / (1 + measures(count).gap));
  const sag = Math.min(small || count > MANY ? 8 : 28, width / 45 + 4);
  const rowHeight = sag + pennant * 1.75 + 6;
  const rows: Row[] = [];
  for (let first = 0; first < count; first += each) {
    const top = 3 + rows.length * rowHeight;
    const inRow = Math.min(each, count - first);
    rows.push({
      first,
      hangings: Array.from({ length: inRow }, (_, i) => {
        const x = step * (i + 0.5);
        return { x, y: top + sagAt(x / width, sag), width: pennant };
      }),
      string: `M 0 ${top} Q ${width / 2} ${top + 2 * sag} ${width} ${top}`,
    });
  }
  return { rows, height: rows.length * rowHeight + 4 };
}

/** The height of a quadratic curve between two ends, at a share of its length. */
function sagAt(share: number, sag: number): number {
  return 4 * sag * share * (1 - share);
}
