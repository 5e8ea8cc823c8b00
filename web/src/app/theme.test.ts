import { readFileSync } from "node:fs";
import { wcagContrast } from "culori";
import { describe, expect, test } from "vitest";

// Source: WCAG 2.2, success criteria 1.4.3, 1.4.6 and 1.4.11; computed with the colour library culori.

const css = readFileSync("src/app/theme.css", "utf8");

function colours(look: "day" | "night"): Record<string, string> {
  const blocks = [
    css.match(new RegExp(`name: "bravium-${look}";([^}]*)}`))?.[1],
    css.match(new RegExp(`\\[data-theme="bravium-${look}"\\] {([^}]*--soft[^}]*)}`))?.[1],
  ];
  return Object.fromEntries(
    [...blocks.join("\n").matchAll(/--(?:color-)?([\w-]+): (#[0-9a-f]{6});/g)].map((m) => [
      m[1],
      m[2],
    ]),
  );
}

describe.each(["day", "night"] as const)("the %s look", (look) => {
  const colour = colours(look);
  const contrast = (one: string, other: string) =>
    wcagContrast(colour[one] ?? "none", colour[other] ?? "none");

  test.each(["base-100", "card"])("questions and options on %s have 7:1", (ground) => {
    expect(contrast("base-content", ground)).toBeGreaterThanOrEqual(7);
  });

  test.each(["base-100", "base-200", "card"])("all text on %s has 4.5:1", (ground) => {
    for (const text of ["base-content", "soft", "primary", "success", "error"]) {
      expect(contrast(text, ground), text).toBeGreaterThanOrEqual(4.5);
    }
  });

  test.each(["primary", "accent", "neutral", "success", "error"])("words on %s have 4.5:1", (c) => {
    expect(contrast(`${c}-content`, c)).toBeGreaterThanOrEqual(4.5);
  });

  test("signs and edges have 3:1", () => {
    for (const sign of ["success", "error", "edge"]) {
      expect(contrast(sign, "base-100"), sign).toBeGreaterThanOrEqual(3);
    }
  });
});

test("the library agrees with published contrasts", () => {
  expect(wcagContrast("#000000", "#ffffff")).toBeCloseTo(21, 5);
  expect(wcagContrast("#767676", "#ffffff")).toBeCloseTo(4.54, 2);
});
