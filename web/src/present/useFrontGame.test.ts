import { expect, test, vi } from "vitest";
import type { ActionUnion, Move } from "../generated/types";

vi.mock("@engine", () => ({}));
const { lastStanding } = await import("./useFrontGame");

const move = (key: string, action: ActionUnion): Move => ({ key, by: "teacher", action });
const start: ActionUnion = { kind: "start" };

test("the last move that was not taken back is the one to take back next", () => {
  expect(lastStanding([])).toBeUndefined();
  expect(lastStanding([move("1", start), move("2", start)])?.key).toBe("2");
  const back: ActionUnion = { kind: "take-back", move: "2" };
  expect(lastStanding([move("1", start), move("2", start), move("3", back)])?.key).toBe("1");
});
