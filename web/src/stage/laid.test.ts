// @vitest-environment jsdom
import { act, renderHook } from "@testing-library/react";
import { beforeEach, expect, test } from "vitest";
import type { Showing } from "../generated/types";
import { useLaid } from "./laid";

beforeEach(() => localStorage.clear());

const at = (id: string, attempt = 1, part: Partial<Showing> = {}) =>
  ({ stage: "question", question: { id, attempt }, ...part }) as Showing;

const PLACED = { kind: "placed", placings: [{ card: "c", target: "t" }] } as const;

const laid = (showing: Showing, sitting = "s") =>
  renderHook(({ now }) => useLaid(sitting, now), { initialProps: { now: showing } });

test("what lies there stays over a jump to another question, a reload, and the answer being shown", () => {
  const first = laid(at("q1"));
  act(() => first.result.current.give({ ...PLACED, placings: [...PLACED.placings] }));
  expect(first.result.current.given).toEqual(PLACED);
  first.rerender({ now: at("q2") });
  expect(first.result.current.given).toBeUndefined();
  first.rerender({ now: at("q1", 1, { talk: { done: true } as never }) });
  expect(first.result.current.given).toEqual(PLACED);
  first.unmount();
  expect(laid(at("q1")).result.current.given).toEqual(PLACED);
  expect(laid(at("q1"), "another game").result.current.given).toBeUndefined();
});

test("it belongs to its try: the next one begins empty, and one that is taken back has it again", () => {
  const { result, rerender } = laid(at("q1"));
  act(() => result.current.give({ kind: "typed", text: "wax" }));
  rerender({ now: at("q1", 2) });
  expect(result.current.given).toBeUndefined();
  rerender({ now: at("q1", 1) });
  expect(result.current.given).toEqual({ kind: "typed", text: "wax" });
});

test("where the time ran out it can still be seen what lay there", () => {
  const { result, rerender } = laid(at("q1"));
  act(() => result.current.give({ kind: "typed", text: "wa" }));
  rerender({ now: at("q1", 2, { stage: "feedback", feedback: { verdict: "missed" } as never }) });
  expect(result.current.given).toEqual({ kind: "typed", text: "wa" });
});
