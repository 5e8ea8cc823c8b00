// @vitest-environment jsdom
import { expect, test } from "vitest";
import { ringSlot } from "./RingsSheet";
import { keyOf, NOWHERE, placingsOf, type SortingPlaces } from "./sorting";

const TWO: SortingPlaces = {
  kind: "sorting",
  arrangement: "rings",
  columns: 2,
  rings: [
    { x: 340, y: 500, rx: 330, ry: 485 },
    { x: 660, y: 500, rx: 330, ry: 485 },
  ],
  places: [{ groups: ["b"] }, { groups: ["a"] }, { groups: ["b", "a"] }, { groups: [] }],
  atOnce: false,
  lying: [],
  marks: [],
};

function sheet(drawn: boolean): HTMLElement {
  const element = document.createElement("div");
  element.dataset.slot = "rings";
  element.innerHTML = '<svg class="rings-ink"></svg>';
  element.getBoundingClientRect = () => new DOMRect(100, 100, 1000, 500);
  const ink = element.querySelector(".rings-ink") as Element;
  ink.getClientRects = () => (drawn ? [new DOMRect()] : []) as unknown as DOMRectList;
  return element;
}

test("a point on the sheet means the rings in which it lies", () => {
  expect(ringSlot(TWO, sheet(true), 250, 350)).toBe("b");
  expect(ringSlot(TWO, sheet(true), 950, 350)).toBe("a");
  expect(ringSlot(TWO, sheet(true), 600, 350)).toBe(keyOf(["a", "b"]));
  expect(ringSlot(TWO, sheet(true), 105, 105)).toBe(NOWHERE);
});

test("where no rings are drawn a point beside the places means nothing", () => {
  expect(ringSlot(TWO, sheet(false), 600, 350)).toBeUndefined();
});

test("a place is the same in whatever order its groups are said", () => {
  expect(keyOf(["x", "y"])).toBe(keyOf(["y", "x"]));
  expect(placingsOf("card", keyOf(["y", "x"]))).toEqual([
    { card: "card", target: "x" },
    { card: "card", target: "y" },
  ]);
  expect(placingsOf("card", NOWHERE)).toEqual([{ card: "card", target: "" }]);
  expect(keyOf([""])).toBe(NOWHERE);
});
