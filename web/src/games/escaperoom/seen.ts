import type { EscapeScene, SeenLock, SeenPlace, SeenRoom, SeenThing } from "../../generated/types";
import { escapeWords } from "./words";

/** What can be gone up to in a room. */
export type Spot =
  | { kind: "thing"; id: string; name: string; place?: SeenPlace; thing: SeenThing }
  | { kind: "lock"; id: string; name: string; place?: SeenPlace; lock: SeenLock };

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
export function boxOf({ corners }: SeenPlace) {
  const [xs, ys] = [corners.map(({ x }) => x), corners.map(({ y }) => y)];
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  return {
    left: `${left / 10}%`,
    top: `${top / 10}%`,
    width: `${(Math.max(...xs) - left) / 10}%`,
    height: `${(Math.max(...ys) - top) / 10}%`,
  };
}

/** What is called by one name in the whole game. */
export const nameOf = (scene: EscapeScene, id: string) =>
  scene.rooms.flatMap((room) => spotsOf(scene, room)).find((spot) => spot.id === id)?.name ?? "";
