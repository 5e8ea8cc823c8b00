// @vitest-environment jsdom
import { renderHook } from "@testing-library/react";
import { act as change } from "react";
import { expect, test, vi } from "vitest";
import type { Showing } from "../generated/types";
import { lookedAt, useLooking } from "./looking";

const asked = (id: string, attempt = 1) => ({ id, attempt, kind: "typed-text" });

const several = (...questions: unknown[]) =>
  ({ stage: "playing", questions }) as unknown as Showing;

test("who looks at one of several questions sees it as if it alone were asked", () => {
  const showing = several({ asked: asked("a") }, { asked: asked("b") });
  expect(lookedAt(showing)).toBe(showing);
  expect(lookedAt(showing, "gone")).toBe(showing);
  expect(lookedAt(showing, "b")).toMatchObject({ stage: "question", question: { id: "b" } });
});

test("what was said to a try is seen until it is passed, and is nobody else's matter", () => {
  const act = vi.fn(() => undefined);
  const wrong = several({ asked: asked("a", 2), told: { settled: false } });
  const { result, rerender } = renderHook(({ showing }) => useLooking(showing, act), {
    initialProps: { showing: several({ asked: asked("a") }) },
  });
  change(() => result.current.looking.goTo("a"));
  rerender({ showing: wrong });
  expect(result.current.seen).toMatchObject({ stage: "feedback", feedback: { settled: false } });
  change(() => {
    result.current.act({ kind: "continue", question: "a" });
  });
  expect(result.current.seen).toMatchObject({ stage: "question" });
  expect(act).not.toHaveBeenCalled();
  result.current.act({ kind: "hint", question: "a" });
  expect(act).toHaveBeenCalledOnce();

  rerender({ showing: several({ asked: asked("a", 3), told: { settled: true } }) });
  expect(result.current.seen?.stage).toBe("feedback");
  change(() => {
    result.current.act({ kind: "continue", question: "a" });
  });
  expect(result.current.looking.at).toBeUndefined();
  change(() => result.current.looking.goTo("a"));
  expect(result.current.seen?.stage, "what is open says so again").toBe("feedback");
});
