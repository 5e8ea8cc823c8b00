// @vitest-environment jsdom
import { beforeEach, expect, test } from "vitest";
import { type Stroke, useBeside } from "./beside";

const stroke = (points = 20): Stroke => ({
  points: Array.from({ length: points * 3 }, (_, i) => i % 100),
  light: false,
});

const beside = () => useBeside.getState();

beforeEach(() => {
  localStorage.clear();
  useBeside.setState({ sitting: "", strokes: {}, open: [], keeps: true, unkept: false });
});

test("strokes and flaps come back to the sitting they belong to, and to no other", () => {
  beside().load("one");
  beside().draw("page", [stroke()]);
  beside().turnFlap("page", true);
  beside().load("two");
  expect(beside().strokes).toEqual({});
  expect(beside().open).toEqual([]);
  beside().load("one");
  expect(beside().strokes.page).toHaveLength(1);
  expect(beside().open).toEqual(["page"]);
});

test("strokes that don't stay go when their page is left", () => {
  beside().load("one");
  beside().draw("page", [stroke()]);
  beside().leavePage("page");
  expect(beside().strokes.page).toHaveLength(1);
  beside().turnKeeps();
  beside().leavePage("page");
  expect(beside().strokes.page).toBeUndefined();
});

test("a flap is opened once, and turned by each press", () => {
  beside().load("one");
  beside().turnFlap("page", true);
  beside().turnFlap("page", true);
  expect(beside().open).toEqual(["page"]);
  beside().turnFlap("page");
  expect(beside().open).toEqual([]);
});

test("ten thousand strokes stay on the board, and it is said where they can't be kept", () => {
  beside().load("one");
  beside().draw(
    "page",
    Array.from({ length: 10_000 }, () => stroke(60)),
  );
  expect(beside().strokes.page).toHaveLength(10_000);
  expect(beside().unkept).toBe(true);
  beside().draw("page", []);
  expect(beside().unkept).toBe(false);
});

test("the oldest of many sittings are forgotten, and what is damaged is as if it weren't there", () => {
  for (let i = 0; i < 12; i++) {
    beside().load(`s${i}`);
    beside().draw("page", [stroke()]);
  }
  expect(Object.keys(localStorage)).toHaveLength(8);
  localStorage.setItem("bravium.beside.odd", "{");
  beside().load("odd");
  expect(beside().strokes).toEqual({});
});
