import { expect, test } from "vitest";
import type { PictureReveal } from "../../generated/types";
import { blank } from "./blank";
import { changePiece, leastBeside, mostBeside, revealOf, sizeOf } from "./reveal";
import { revealWords } from "./words";

test("a piece is written down with those before it, and others stay as they are", () => {
  const one = changePiece(2, { said: "a wing" })(blank("q"));
  const two = changePiece(0, { question: "" })(one);
  const { pieces } = revealOf(two) as PictureReveal;
  expect(pieces.map(({ said, question }) => [said, question])).toEqual([
    [undefined, ""],
    [undefined, undefined],
    ["a wing", undefined],
  ]);
  expect(new Set(pieces.map(({ id }) => id)).size).toBe(3);
});

test("rows and columns never make more than 36 pieces, or fewer than two", () => {
  for (let columns = 1; columns <= 36; columns++) {
    expect(mostBeside(columns) * columns).toBeLessThanOrEqual(36);
    expect(leastBeside(columns) * columns).toBeGreaterThanOrEqual(2);
  }
  expect(sizeOf({ rows: 2, columns: 3, uneven: [] })).toBe(6);
});

test("a piece says its place and how it lies", () => {
  const patch = { x: 667, y: 0, width: 333, height: 333 };
  expect(revealWords.piece(3, 9, patch, "covered")).toBe("Piece 3 of 9, top right: covered");
  expect(revealWords.piece(3, 9, patch, "lifted", "a wing")).toContain("lifted — a wing");
});
