import { describe, expect, test } from "vitest";
import { MANY, WIDTH, windingPath } from "./climbLayout";

describe.each([3, 8, 15, 30])("a climb of %i steps", (steps) => {
  const { places, height } = windingPath(steps);

  test("has its foot and every step, each higher than the one below", () => {
    expect(places).toHaveLength(steps + 1);
    for (let i = 1; i < places.length; i++) {
      expect(places[i]?.y).toBeLessThan(places[i - 1]?.y ?? 0);
    }
  });

  test("stays inside its drawing, with room for what is written on a step", () => {
    for (const { x, y } of places) {
      expect(x).toBeGreaterThan(100);
      expect(x).toBeLessThan(WIDTH - 100);
      expect(y).toBeGreaterThan(60);
      expect(y).toBeLessThan(height - 60);
    }
  });

  test("no step covers another", () => {
    for (const [i, one] of places.entries()) {
      for (const other of places.slice(i + 1)) {
        const beside = Math.abs(one.x - other.x) >= (steps > MANY ? 110 : 200);
        expect(beside || Math.abs(one.y - other.y) >= 92).toBe(true);
      }
    }
  });
});
