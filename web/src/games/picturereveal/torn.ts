/** How far a torn edge strays, in hundredths of the piece. */
const STRAY = 1.6;
/** How far paper reaches over what it covers, so that nothing shows between two sheets. */
const OVER = 1.8;
const STEPS = 7;

/** The same straying for the same piece, each time it is drawn. */
function straying(seed: number) {
  let state = (seed * 2_654_435_761 + 97) % 2_147_483_647;
  return () => {
    state = (state * 48_271) % 2_147_483_647;
    return (state / 2_147_483_647 - 0.5) * 2 * STRAY;
  };
}

/** The outline of a torn sheet as an SVG path, in a box of 100 by 100 that it reaches over. */
export function torn(seed: number): string {
  const stray = straying(seed + 1);
  const low = -OVER;
  const high = 100 + OVER;
  const points: string[] = [];
  const along = (place: (t: number) => [number, number]) => {
    for (let i = 0; i < STEPS; i++) {
      const [x, y] = place(i / STEPS);
      points.push(`${(x + stray()).toFixed(1)} ${(y + stray()).toFixed(1)}`);
    }
  };
  const span = high - low;
  along((t) => [low + t * span, low]);
  along((t) => [high, low + t * span]);
  along((t) => [high - t * span, high]);
  along((t) => [low, high - t * span]);
  return `M${points.join("L")}Z`;
}
