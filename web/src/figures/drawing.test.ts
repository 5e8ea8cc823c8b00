import { expect, test } from "vitest";
import type { Figure } from "../generated/types";
import { drawingOf, rowsOf } from "./drawing";

const SHAPES: Figure["shape"][] = ["circle", "bar", "rectangle", "set"];
const figure = (shape: Figure["shape"], parts: number, wholes?: number): Figure => ({
  shape,
  parts,
  wholes,
  shaded: [],
});

test("every part of every whole is drawn, and lies on the drawing", () => {
  for (const shape of SHAPES) {
    for (let parts = 1; parts <= 24; parts++) {
      for (const wholes of [1, 2, 6]) {
        const drawing = drawingOf(figure(shape, parts, wholes));
        expect(drawing.parts).toHaveLength(parts * wholes);
        expect(new Set(drawing.parts).size).toBe(parts * wholes);
        for (const path of drawing.parts) {
          const [x, y] = (/^M(-?[\d.]+) (-?[\d.]+)/.exec(path) ?? []).slice(1).map(Number);
          expect(x).toBeGreaterThanOrEqual(0);
          expect(x).toBeLessThanOrEqual(drawing.width);
          expect(y).toBeGreaterThanOrEqual(0);
          expect(y).toBeLessThanOrEqual(drawing.height);
        }
      }
    }
  }
});

test("rows are the teacher's where they divide the parts, else most like squares", () => {
  expect(rowsOf({ ...figure("rectangle", 12), rows: 2 }, 1.4)).toBe(2);
  expect(rowsOf({ ...figure("rectangle", 12), rows: 5 }, 1.4)).toBe(3);
  expect(rowsOf(figure("rectangle", 24), 1.4)).toBe(4);
  expect(rowsOf(figure("rectangle", 7), 1.4)).toBe(1);
  expect(rowsOf(figure("rectangle", 1), 1.4)).toBe(1);
});
