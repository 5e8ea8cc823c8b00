import { expect, test } from "vitest";
import { blank } from "./blank";
import {
  addThings,
  changeThing,
  huntOf,
  moveThing,
  othersOf,
  putThings,
  removeThing,
  thingOf,
  thingRead,
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

test("things that were read fill an empty one and stand behind the others", () => {
  const read = [["smoker", "bee smoker"], ["tool"]].map((names) =>
    thingRead({ names, right: false }),
  );
  expect(names(putThings(thingOf([""], "a"), read)(activity()))).toEqual([
    "smoker",
    "tool",
    "veil",
    "frame",
  ]);
  expect(names(putThings(thingOf(["veil"], "b"), read)(activity()))).toEqual([
    "",
    "veil",
    "smoker",
    "tool",
    "frame",
  ]);
  expect(names(putThings(undefined, read)(activity()))?.slice(-2)).toEqual(["smoker", "tool"]);
});

test("more than sixty things are never taken", () => {
  const many = Array.from({ length: 99 }, (_, i) => thingOf([`thing ${i}`]));
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
