import { expect, test } from "vitest";
import { blank } from "./blank";
import {
  addThings,
  changeThing,
  huntOf,
  moveThing,
  othersOf,
  removeThing,
  thingOf,
  thingsIn,
  withOthers,
} from "./hunting";

const activity = () =>
  addThings("a", [thingOf(["veil"], "b"), thingOf(["frame"], "c")])(blank("a"));
const names = (of: ReturnType<typeof activity>) => huntOf(of)?.things.map((t) => t.names[0]);

test("things stand behind the one they were written after", () => {
  expect(names(addThings("b", [thingOf(["brush"], "d")])(activity()))).toEqual([
    "",
    "veil",
    "brush",
    "frame",
  ]);
});

test("a thing moves up and down, and stays at the ends", () => {
  expect(names(moveThing("c", -1)(activity()))).toEqual(["", "frame", "veil"]);
  expect(names(moveThing("c", 1)(activity()))).toEqual(["", "veil", "frame"]);
  expect(names(moveThing("a", -1)(activity()))).toEqual(["", "veil", "frame"]);
});

test("a thing that is removed leaves the others as they are", () => {
  expect(names(removeThing("b")(activity()))).toEqual(["", "frame"]);
});

test("pasted lines become things with their other names", () => {
  const things = thingsIn("smoker, bee smoker\n\nhive tool\ttool;lever\n ,  \n");
  expect(things.map((thing) => thing.names)).toEqual([
    ["smoker", "bee smoker"],
    ["hive tool", "tool", "lever"],
  ]);
});

test("more than sixty things are never taken", () => {
  const many = thingsIn(Array.from({ length: 99 }, (_, i) => `thing ${i}`).join("\n"));
  expect(huntOf(addThings(undefined, many)(blank("a")))?.things).toHaveLength(60);
});

test("other names are one line with commas", () => {
  const thing = thingOf(["veil"], "v");
  const typed = "bee veil,net, ";
  const next = changeThing("v", { names: withOthers(thing, typed) })(
    addThings(undefined, [thing])(blank("a")),
  );
  const after = huntOf(next)?.things.find((t) => t.id === "v");
  expect(after && othersOf(after)).toBe("bee veil, net");
  expect(withOthers(thing, "")).toEqual(["veil"]);
});
