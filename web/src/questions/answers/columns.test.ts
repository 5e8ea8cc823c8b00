import { expect, test } from "vitest";
import { columns } from "./columns";

test("options stand as their number and length ask", () => {
  expect(columns(["True", "False"])).toBe(2);
  expect(columns(["day 16", "day 21", "day 24"])).toBe(3);
  expect(columns(["The cell is closed with wax", "It flies out", "It lays an egg"])).toBe(1);
  expect(columns(["nectar", "pollen", "sap", "water"])).toBe(2);
  expect(columns(["one", "two", "three", "x".repeat(80)])).toBe(1);
  expect(columns(["only one"])).toBe(1);
  expect(columns(["A comb", "A hive with a roof"], true)).toBe(2);
  expect(columns(["", "", ""], true)).toBe(3);
});
