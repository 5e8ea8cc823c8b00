import { expect, test, vi } from "vitest";
import { missingIn } from "./missing";

test.each([
  ["\\frac{1}{2", "“}” is missing at its end."],
  ["\\frac{1}", "After “\\frac” something is missing."],
  ["x^", "After “^” something is missing."],
  ["\\sqrt[3", "“]” is missing at its end."],
  ["\\left( x", "“\\right” is missing at its end."],
  ["\\farc{1}{2}", "“\\farc” is not known here."],
  ["x}", "“}” is one too many."],
])("what is missing in %s is said, and nothing is logged", (tex, said) => {
  const logged = vi.spyOn(console, "warn");

  expect(missingIn(tex)).toBe(said);
  expect(logged).not.toHaveBeenCalled();
});

test.each(["", "x^2", "\\frac{3}{4}", "½ + ä", "\\sqrt{2}"])(
  "nothing is missing in “%s”",
  (tex) => {
    const logged = vi.spyOn(console, "warn");

    expect(missingIn(tex)).toBeUndefined();
    expect(logged).not.toHaveBeenCalled();
  },
);
