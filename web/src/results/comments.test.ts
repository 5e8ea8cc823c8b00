import { beforeEach, expect, test, vi } from "vitest";
import { commentsBefore, keepComment } from "./comments";

beforeEach(() => {
  const kept = new Map<string, string>();
  vi.stubGlobal("localStorage", {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
  });
});

test("comments are there again, the newest first, each once", () => {
  for (const comment of ["Well seen", "Why?", "Well seen"]) keepComment(comment);
  expect(commentsBefore()).toEqual(["Well seen", "Why?"]);
});

test("so many are kept and no more, and nonsense is none", () => {
  for (let i = 0; i < 60; i++) keepComment(`Comment ${i}`);
  expect(commentsBefore()).toHaveLength(40);
  expect(commentsBefore()[0]).toBe("Comment 59");
  localStorage.setItem("bravium.comments", "{");
  expect(commentsBefore()).toEqual([]);
});
