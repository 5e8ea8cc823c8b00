// @vitest-environment jsdom
import { act, cleanup, render, renderHook, screen } from "@testing-library/react";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import type { Showing } from "../generated/types";
import { EndsSoon } from "../play/EndsSoon";
import { ranOut } from "../sound/useSound";
import { Countdown } from "./Countdown";
import { endOf, GRACE, received, useAfter } from "./clock";

beforeEach(() => void vi.useFakeTimers({ now: 1_000_000 }));
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

const showing = (part: Partial<Showing>): Showing =>
  ({
    at: 5_000,
    stage: "question",
    clock: { per: "game", left: 100_000, total: 100_000, stands: false, held: false },
    ...part,
  }) as Showing;

test("a countdown that is mounted later shows what is left then, not what was left", () => {
  const now = received(showing({}));
  vi.advanceTimersByTime(58_000);
  render(<Countdown showing={now} />);
  expect(screen.getByRole("timer").textContent).toContain("0:42 left");
  cleanup();
  // Nor does it begin anew with the next screen.
  vi.advanceTimersByTime(10_000);
  render(<Countdown showing={{ ...now, stage: "playing" }} />);
  expect(screen.getByRole("timer").textContent).toContain("0:32 left");
});

test("at nought it says so, and the game is looked at anew by itself, until it has gone on", () => {
  const look = vi.fn();
  const now = received(showing({}));
  render(<Countdown showing={now} />);
  const { rerender } = renderHook(({ end }) => useAfter(end, look), {
    initialProps: { end: endOf(now) },
  });
  act(() => void vi.advanceTimersByTime(100_100));
  expect(screen.getByRole("timer").textContent).toContain("Time’s up");
  expect(look).not.toHaveBeenCalled();
  act(() => void vi.advanceTimersByTime(GRACE));
  expect(look).toHaveBeenCalledTimes(1);
  act(() => void vi.advanceTimersByTime(5_000));
  expect(look).toHaveBeenCalledTimes(2);
  rerender({ end: undefined });
  act(() => void vi.advanceTimersByTime(20_000));
  expect(look).toHaveBeenCalledTimes(2);
});

test("an hour that is weeks away is waited for, and not asked about at once", () => {
  const look = vi.fn();
  const weeks = 40 * 24 * 3_600_000;
  renderHook(() => useAfter(Date.now() + weeks, look));
  vi.advanceTimersByTime(weeks);
  expect(look).not.toHaveBeenCalled();
  vi.advanceTimersByTime(GRACE);
  expect(look).toHaveBeenCalledTimes(1);
});

test("a closing hour is said in its last five minutes, and what lies there is handed in before it", () => {
  const handIn = vi.fn();
  const at = Date.now() + 20 * 60_000;
  const look = vi.fn();
  render(<EndsSoon at={at} handIn={handIn} look={look} />);
  expect(screen.queryByRole("status")).toBeNull();
  act(() => void vi.advanceTimersByTime(15 * 60_000 + 1_000));
  expect(screen.getByRole("status").textContent).toContain("4:59");
  act(() => void vi.advanceTimersByTime(5 * 60_000 - 2_500));
  expect(handIn).not.toHaveBeenCalled();
  act(() => void vi.advanceTimersByTime(600));
  expect(handIn).toHaveBeenCalledTimes(1);
  expect(look).not.toHaveBeenCalled();
  act(() => void vi.advanceTimersByTime(1_600));
  expect(look).toHaveBeenCalledTimes(1);
  expect(handIn).toHaveBeenCalledTimes(1);
});

test("a clock that stands or is held has no end", () => {
  const clock = { per: "game", left: 10, total: 10, stands: true, held: true } as const;
  expect(endOf(received(showing({ clock })))).toBeUndefined();
});

test("running out is heard when it is seen, and only then", () => {
  const before = received(showing({}));
  const missed = showing({ stage: "feedback", feedback: { verdict: "missed" } as never });
  expect(ranOut(before, missed)).toBeUndefined();
  vi.advanceTimersByTime(100_700);
  expect(ranOut(before, missed)).toBe("wrong");
  expect(ranOut(before, showing({}))).toBeUndefined();
  const over = showing({ ending: { outcome: { ended: "time", won: false } } as never });
  expect(ranOut(before, over)).toBe("lose");
  expect(ranOut(over, over)).toBeUndefined();
});
