import { randomId } from "../../engine/randomId";
import { limits } from "../../generated/limits";
import type { Activity, Cut, PicturePiece, PictureReveal } from "../../generated/types";

/** Changes of a picture reveal, as pure functions for the editor's store. */
type Edit = (activity: Activity) => Activity;

/** The reveal of an activity; nothing where it is another game. */
export const revealOf = ({ game }: Activity): PictureReveal | undefined =>
  game.kind === "picture-reveal" ? game : undefined;

/** Changes the reveal. */
export const changeReveal =
  (change: (reveal: PictureReveal) => Partial<PictureReveal>): Edit =>
  (activity) => {
    const reveal = revealOf(activity);
    return reveal
      ? { ...activity, game: { ...reveal, ...change(reveal), kind: "picture-reveal" } }
      : activity;
  };

/** The most pieces. */
export const MOST = limits.PictureReveal.pieces.most;

/** How many pieces a cut makes. */
export const sizeOf = ({ rows, columns, uneven }: Cut) =>
  uneven.length > 0 ? uneven.length : rows * columns;

/** The most rows that go with so many columns, or the other way round. */
export const mostBeside = (other: number) => Math.floor(MOST / other);

/** The fewest: one row of one column would be no cut. */
export const leastBeside = (other: number) => (other === 1 ? 2 : 1);

/** Changes one piece; those before it are written down with it. */
export const changePiece = (place: number, part: Partial<PicturePiece>): Edit =>
  changeReveal(({ pieces }) => {
    const all = [...pieces];
    while (all.length <= place) all.push({ id: randomId() });
    all[place] = { ...(all[place] as PicturePiece), ...part };
    return { pieces: all };
  });
