import { expect, it } from "vitest";
import { digitsOf, recurringOf } from "./recurring";

it("knows which digits recur, by the dots above the first and the last of them", () => {
  expect(recurringOf("0.6\u0307")).toBe("6");
  expect(recurringOf("0.16\u0307")).toBe("6");
  expect(recurringOf("0.1\u030742857\u0307")).toBe("142857");
  expect(recurringOf("0.375")).toBe("");
});

it("keeps a dot with its digit alone", () => {
  expect(digitsOf("1.16\u0307")).toEqual([
    { digit: "1", dotted: false },
    { digit: ".", dotted: false },
    { digit: "1", dotted: false },
    { digit: "6", dotted: true },
  ]);
});
