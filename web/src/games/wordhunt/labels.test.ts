import { expect, test } from "vitest";
import type { Sought } from "../../generated/types";
import { labelsOf } from "./labels";

const at = (name: string | undefined, x: number, y: number): Sought => ({
  item: `${x} ${y}`,
  name,
  found: true,
  letters: [],
  more: false,
  hint: false,
  place: {
    form: "rectangle",
    corners: [
      { x, y },
      { x: x + 200, y: y + 100 },
    ],
  },
});

test("a name stands on the lower edge of its place", () => {
  expect(labelsOf([at("veil", 100, 200)])[0]).toMatchObject({ x: 20, y: 30 });
});

test("names that would meet stand on different edges", () => {
  const ys = labelsOf([at("hive tool", 100, 300), at("brush", 200, 300)]).map((one) => one.y);
  expect(ys).toEqual([40, 30]);
});

test("what is not found yet has no name to write", () => {
  expect(labelsOf([at(undefined, 100, 200)])).toEqual([]);
});
