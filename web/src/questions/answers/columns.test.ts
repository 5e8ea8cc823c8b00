import { expect, test } from "vitest";
import { columns } from "./columns";

test("options stand in one column while the height allows", () => {
  expect(columns(["True", "False"])).toBe(1);
  expect(columns(["day 16", "day 21", "day 24"])).toBe(1);
  expect(columns(["nectar", "pollen", "sap", "water"])).toBe(1);
  expect(columns(["only one"])).toBe(1);
  expect(columns(["one", "two", "three", "four", "five"])).toBe(2);
  expect(columns(["one", "two", "three", "four", "x".repeat(80)])).toBe(1);
  expect(columns(["nectar", "pollen", "sap", "water"], false, true)).toBe(2);
});

test("pictures stand side by side", () => {
  expect(columns(["A comb", "A hive with a roof"], true)).toBe(2);
  expect(columns(["", "", ""], true)).toBe(3);
});
