import { expect, test } from "vitest";
import { nearest } from "./boardKeys";

const board = [
  { x: 100, y: 100, name: "top left" },
  { x: 300, y: 110, name: "top right" },
  { x: 110, y: 300, name: "bottom left" },
  { x: 320, y: 320, name: "bottom right" },
];

test.each([
  ["ArrowRight", "top right"],
  ["ArrowDown", "bottom left"],
  ["ArrowLeft", undefined],
  ["ArrowUp", undefined],
  ["Enter", undefined],
])("%s leads from the top left to %s", (key, name) => {
  expect(nearest({ x: 100, y: 100 }, board, key)?.name).toBe(name);
});

test("what lies ahead is nearer than what lies aside", () => {
  const aside = { x: 130, y: 180 };
  const ahead = { x: 260, y: 100 };
  expect(nearest({ x: 100, y: 100 }, [aside, ahead], "ArrowRight")).toBe(ahead);
});

test("every place of a grid is reached from every other by arrows", () => {
  const grid = [0, 1, 2, 3].flatMap((x) => [0, 1, 2].map((y) => ({ x, y })));
  const reached = new Set([grid[0]]);
  for (const from of reached) {
    for (const key of ["ArrowLeft", "ArrowRight", "ArrowUp", "ArrowDown"]) {
      const to = from && nearest(from, grid, key);
      if (to) reached.add(to);
    }
  }
  expect(reached.size).toBe(grid.length);
});
