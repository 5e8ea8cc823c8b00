// @vitest-environment jsdom
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { Activity } from "../generated/types";

const activity = { titlePage: { title: "Bees" } } as Activity;

/** The module as another tab has it: with a name of its own. */
async function tab() {
  sessionStorage.clear();
  vi.resetModules();
  return await import("./draft");
}

beforeEach(() => localStorage.clear());

describe("a draft", () => {
  it("that a page left is taken up at once by another tab, and is that tab's from then on", async () => {
    const one = await tab();
    one.keepDraft("a", 3, activity, true);
    const other = await tab();
    expect(other.leftBehind("a")?.version).toBe(3);
    expect(other.leftBehind("a")?.activity).toEqual(activity);
    other.forgetDraft("a");
    expect(other.leftBehind("a")).toBeUndefined();
  });

  it("of a tab that is still open is neither taken up nor written over", async () => {
    const one = await tab();
    one.keepDraft("a", 3, activity);
    const other = await tab();
    expect(other.leftBehind("a")).toBeUndefined();
    other.keepDraft("a", 4, activity);
    other.forgetDraft("a");
    expect(localStorage.length).toBe(1);
  });
});
