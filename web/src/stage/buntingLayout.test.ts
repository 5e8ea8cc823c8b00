import { expect, test } from "vitest";
import { hang } from "./buntingLayout";

test("a few pennants hang on one string, the middle lowest", () => {
  const { rows } = hang(5, 600);
  const ys = rows[0]?.hangings.map((h) => h.y) ?? [];
  expect(rows).toHaveLength(1);
  expect(Math.max(...ys)).toBe(ys[2]);
  expect(ys[0]).toBeCloseTo(ys[4] ?? 0);
});

test.each([
  [1, 320],
  [10, 354],
  [40, 354],
  [500, 1200],
])("%i pennants on %i pixels neither overlap nor leave the place", (count, width) => {
  const { rows, height } = hang(count, width);
  expect(rows.reduce((n, row) => n + row.hangings.length, 0)).toBe(count);
  for (const row of rows) {
    row.hangings.forEach((h, i) => {
      expect(h.width).toBeGreaterThanOrEqual(12);
      expect(h.x - h.width / 2).toBeGreaterThanOrEqual(0);
      expect(h.x + h.width / 2).toBeLessThanOrEqual(width);
      expect(h.y + h.width * 1.25).toBeLessThanOrEqual(height);
      const before = row.hangings[i - 1];
      if (before) expect(h.x - before.x).toBeGreaterThan(h.width);
    });
  }
});

test.each([
  ["a phone", 354, 160],
  ["a projector", 1168, 140],
])("sixty pennants leave room for the question on %s", (_, width, most) => {
  expect(hang(60, width).height).toBeLessThan(most);
});

test("nothing hangs where there is no room yet", () => {
  expect(hang(5, 0)).toEqual({ rows: [], height: 0 });
});
