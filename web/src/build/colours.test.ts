import { expect, test } from "vitest";
import { extremes } from "./colours";

test("each of red, green and blue counts by itself", () => {
  expect(extremes(new Uint8ClampedArray([255, 0, 10, 255, 0, 128, 20, 255]))).toEqual({
    darkest: "#00000a",
    lightest: "#ff8014",
  });
});

test("what can be seen through is left out", () => {
  expect(extremes(new Uint8ClampedArray([0, 0, 0, 0, 90, 90, 90, 255]))).toEqual({
    darkest: "#5a5a5a",
    lightest: "#5a5a5a",
  });
});
