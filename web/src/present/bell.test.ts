// @vitest-environment jsdom
import { expect, test } from "vitest";
import type { Showing } from "../generated/types";
import { afterTheBell, atTheBell } from "./bell";

const showing = (stage: string, clock?: object) => ({ stage, clock }) as unknown as Showing;
const runs = { stands: false, held: false };

test("the clock is held when a game is left, and runs on when it is come back to", () => {
  expect(atTheBell("s1", showing("playing", runs))).toEqual({
    kind: "hold-clock",
    question: "game",
  });
  expect(afterTheBell("s2", showing("playing", { held: true }))).toBeUndefined();
  expect(afterTheBell("s1", showing("playing", { held: true }))).toEqual({
    kind: "run-clock",
    question: "game",
  });
  expect(afterTheBell("s1", showing("playing", { held: true })), "once").toBeUndefined();
});

test("a clock that the teacher holds herself stays held, and where none runs nothing is done", () => {
  expect(atTheBell("s3", showing("playing", { stands: true, held: true }))).toBeUndefined();
  expect(atTheBell("s3", showing("playing"))).toBeUndefined();
  expect(atTheBell("s3", showing("question", runs))).toBeUndefined();
  expect(afterTheBell("s3", showing("playing", { held: true }))).toBeUndefined();
});
