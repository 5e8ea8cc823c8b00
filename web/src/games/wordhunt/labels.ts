import type { Sought } from "../../generated/types";

/** A name over the picture: its middle, in per cent of the picture's width and height. */
export interface Label {
  line: Sought;
  x: number;
  y: number;
}

/** What a letter of a name takes of the picture's width, and a name of its height, in per cent. */
const LETTER = 1.9;
const HEIGHT = 8;

const widthOf = (line: Sought) => ((line.name?.length ?? 0) + 3) * LETTER;

const meet = (a: Label, b: Label) =>
  Math.abs(a.x - b.x) < (widthOf(a.line) + widthOf(b.line)) / 2 && Math.abs(a.y - b.y) < HEIGHT;

/**
 * Where names are written: on the lower edge of their places, so that the thing itself stays in
 * sight; where two would meet there, the later one on the upper edge.
 */
export function labelsOf(lines: Sought[]): Label[] {
  const laid: Label[] = [];
  for (const line of lines) {
    if (line.name === undefined || line.place === undefined) continue;
    const xs = line.place.corners.map((corner) => corner.x);
    const ys = line.place.corners.map((corner) => corner.y);
    const x = (Math.min(...xs) + Math.max(...xs)) / 20;
    const low = { line, x, y: Math.max(...ys) / 10 };
    const high = { line, x, y: Math.max(HEIGHT / 2, Math.min(...ys) / 10) };
    laid.push(laid.some((other) => meet(other, low)) ? high : low);
  }
  return laid;
}
