import type { Figure } from "../generated/types";

/** A figure as it is drawn: each part as a path, and each whole as a frame around its parts. */
export interface Drawing {
  width: number;
  height: number;
  parts: string[];
  wholes: string[];
}

const RADIUS = 100;
const BAR = { width: 480, height: 72 };
const FIELD = { width: 260, height: 190 };
const THING = 46;
const SPACE = 20;
const EDGE = 4;

/** Draws a figure; parts of one whole have the same area, whatever their place. */
export function drawingOf(figure: Figure): Drawing {
  const wholes = figure.wholes ?? 1;
  const whole = wholeOf(figure);
  // Bars lie one below the other, all else side by side in at most three columns.
  const columns = figure.shape === "bar" ? 1 : Math.min(3, wholes);
  const rows = Math.ceil(wholes / columns);
  const parts: string[] = [];
  const frames: string[] = [];
  for (let i = 0; i < wholes; i++) {
    const x = EDGE + (i % columns) * (whole.width + SPACE);
    const y = EDGE + Math.floor(i / columns) * (whole.height + SPACE);
    parts.push(...whole.parts(x, y));
    frames.push(whole.frame(x, y));
  }
  return {
    width: columns * (whole.width + SPACE) - SPACE + 2 * EDGE,
    height: rows * (whole.height + SPACE) - SPACE + 2 * EDGE,
    parts,
    wholes: frames,
  };
}

interface Whole {
  width: number;
  height: number;
  parts: (x: number, y: number) => string[];
  frame: (x: number, y: number) => string;
}

function wholeOf(figure: Figure): Whole {
  const { shape, parts } = figure;
  switch (shape) {
    case "circle":
      return {
        width: 2 * RADIUS,
        height: 2 * RADIUS,
        parts: (x, y) => sectors(x + RADIUS, y + RADIUS, parts),
        frame: (x, y) => disc(x + RADIUS, y + RADIUS, RADIUS),
      };
    case "bar":
      return grid(BAR.width, BAR.height, 1, parts);
    case "rectangle": {
      const rows = rowsOf(figure, FIELD.width / FIELD.height);
      return grid(FIELD.width, FIELD.height, rows, parts / rows);
    }
    case "set":
      return things(figure);
  }
}

/** The rows in which parts lie: as the teacher says where that fits, else most like squares. */
export function rowsOf({ parts, rows }: Figure, wide: number): number {
  if (rows && parts % rows === 0) return rows;
  let best = 1;
  const off = (r: number) => Math.abs(Math.log((parts / r / r) * (1 / wide)));
  for (let r = 1; r <= parts; r++) if (parts % r === 0 && off(r) < off(best)) best = r;
  return best;
}

const box = (x: number, y: number, width: number, height: number) =>
  `M${round(x)} ${round(y)}h${round(width)}v${round(height)}h${round(-width)}z`;

function grid(width: number, height: number, rows: number, columns: number): Whole {
  return {
    width,
    height,
    parts: (x, y) =>
      Array.from({ length: rows * columns }, (_, i) =>
        box(
          x + ((i % columns) * width) / columns,
          y + (Math.floor(i / columns) * height) / rows,
          width / columns,
          height / rows,
        ),
      ),
    frame: (x, y) => box(x, y, width, height),
  };
}

function things(figure: Figure): Whole {
  const rows = rowsOf(figure, 1.6);
  const columns = figure.parts / rows;
  return {
    width: columns * THING,
    height: rows * THING,
    parts: (x, y) =>
      Array.from({ length: figure.parts }, (_, i) =>
        disc(
          x + ((i % columns) + 0.5) * THING,
          y + (Math.floor(i / columns) + 0.5) * THING,
          THING * 0.4,
        ),
      ),
    // Things have no frame of their own but where there are several sets of them.
    frame: (x, y) => ((figure.wholes ?? 1) > 1 ? box(x, y, columns * THING, rows * THING) : ""),
  };
}

const disc = (x: number, y: number, r: number) =>
  `M${round(x - r)} ${round(y)}a${r} ${r} 0 1 1 ${2 * r} 0a${r} ${r} 0 1 1 ${-2 * r} 0z`;

/** From the top on, clockwise. */
function sectors(x: number, y: number, parts: number): string[] {
  if (parts === 1) return [disc(x, y, RADIUS)];
  const at = (part: number) => {
    const angle = (2 * Math.PI * part) / parts;
    return `${round(x + RADIUS * Math.sin(angle))} ${round(y - RADIUS * Math.cos(angle))}`;
  };
  return Array.from(
    { length: parts },
    (_, i) =>
      `M${round(x)} ${round(y)}L${at(i)}A${RADIUS} ${RADIUS} 0 ${parts === 1 ? 1 : 0} 1 ${at(i + 1)}z`,
  );
}

const round = (n: number) => Math.round(n * 1000) / 1000;
