import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { standIn, wordsIn } from "./voice";

beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

test("words are where they begin", () => {
  expect(wordsIn(" A bee,  she ")).toEqual([
    { start: 1, text: "A" },
    { start: 3, text: "bee," },
    { start: 9, text: "she" },
  ]);
});

test("the stand-in tells each word in its turn, in the time that the pace gives", () => {
  const told: number[] = [];
  const end = vi.fn();
  standIn.read("one bee is here now", 300, (start) => told.push(start), end);

  expect(told).toEqual([0]);
  vi.advanceTimersByTime(980);
  expect(told).toEqual([0, 4, 8, 11, 16]);
  expect(end).not.toHaveBeenCalled();
  vi.advanceTimersByTime(40);
  expect(end).toHaveBeenCalledOnce();
});

test("a slower pace takes longer, and what is ended tells nothing more", () => {
  const told: number[] = [];
  const stop = standIn.read("one bee", 60, (start) => told.push(start), vi.fn());

  vi.advanceTimersByTime(900);
  expect(told).toEqual([0]);
  stop();
  vi.advanceTimersByTime(5_000);
  expect(told).toEqual([0]);
});

test("a text without words ends at once", () => {
  const end = vi.fn();
  standIn.read(" ", 100, vi.fn(), end);
  expect(end).toHaveBeenCalledOnce();
});
