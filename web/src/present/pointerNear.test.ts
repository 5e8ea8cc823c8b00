// @vitest-environment jsdom
import { act, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { usePointerNear } from "./FrontBar";

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

const does = (type: string, init: MouseEventInit = {}) =>
  act(() => {
    const event = new MouseEvent(type, init);
    Object.defineProperty(event, "pointerType", { value: "mouse" });
    window.dispatchEvent(event);
  });

it("comes when a mouse is moved, and goes again by itself", () => {
  const { result } = renderHook(usePointerNear);

  does("pointermove");
  act(() => void vi.advanceTimersByTime(300));
  expect(result.current).toEqual({ used: true, near: true });

  act(() => void vi.advanceTimersByTime(5_000));
  expect(result.current).toEqual({ used: true, near: false });
});

it("takes no room while something is pressed: a board says a touch as a mouse's move and press", () => {
  const { result } = renderHook(usePointerNear);

  does("pointermove");
  does("pointerdown", { buttons: 1 });
  does("pointermove", { buttons: 1 });
  act(() => void vi.advanceTimersByTime(4_000));
  expect(result.current.used).toBe(false);

  does("pointerup");
  // The click that ends the press comes now, and means what lay there when it began.
  expect(result.current.used).toBe(false);
  act(() => void vi.advanceTimersByTime(100));
  expect(result.current.used).toBe(true);
});
