import type { EscapeScene, Outline, SeenLock, SeenRoom, SeenThing } from "../../generated/types";
import { WHOLE } from "../../questions/answers/areas";
import { escapeWords } from "./words";

/** What is nearer to an edge than this, in thousandths, has its name beginning there. */
const EDGE = 300;

/** What can be gone up to in a room. */
export type Spot =
  | { kind: "thing"; id: string; name: string; place?: Outline; thing: SeenThing }
  | { kind: "lock"; id: string; name: string; place?: Outline; lock: SeenLock };

/** Everything in a room: locks first, since they are what there is to do. */
export function spotsOf(scene: EscapeScene, room: SeenRoom): Spot[] {
  const locks = scene.rooms.flatMap((one) => one.locks);
  return [
    ...room.locks.map(
      (lock): Spot => ({
        kind: "lock",
        id: lock.id,
        name: escapeWords.lock(lock, locks.findIndex(({ id }) => id === lock.id) + 1),
        place: lock.place,
        lock,
      }),
    ),
    ...room.things.map(
      (thing): Spot => ({
        kind: "thing",
        id: thing.id,
        name: escapeWords.thing(thing.name),
        place: thing.place,
        thing,
      }),
    ),
  ];
}

/** How a lock stands, in a word. */
export const stateOf = (lock: SeenLock) =>
  lock.given
    ? escapeWords.states.given
    : lock.open
      ? escapeWords.states.open
      : lock.until !== undefined
        ? escapeWords.states.closed
        : escapeWords.states.locked;

/** The box round a place, in per cent of the picture. */
export function boxOf({ corners }: Outline) {
  const [xs, ys] = [corners.map(({ x }) => x), corners.map(({ y }) => y)];
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  return {
    left: `${left / 10}%`,
    top: `${top / 10}%`,
    width: `${(Math.max(...xs) - left) / 10}%`,
    height: `${(Math.max(...ys) - top) / 10}%`,
  };
}

/** At which edge of the picture something lies, so that its name keeps away from that edge. */
export function sideOf({ corners }: Outline): "left" | "right" | undefined {
  const xs = corners.map(({ x }) => x);
  const middle = (Math.min(...xs) + Math.max(...xs)) / 2;
  return middle < EDGE ? "left" : middle > WHOLE - EDGE ? "right" : undefined;
}
