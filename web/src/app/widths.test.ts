import { expect, test } from "vitest";
// @ts-expect-error a script without types
import { widths, written } from "../../scripts/advance-widths.mjs";

test("the core measures with the advance widths of the shipped type", () => {
  expect(written()).toEqual(widths());
});
