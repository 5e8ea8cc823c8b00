import { useState } from "react";
import type { EscapeScene, SeenRoom } from "../../generated/types";

/** A room and all that is in it. */
export const idsIn = (room: SeenRoom) => [
  room.id,
  ...room.locks.map((lock) => lock.id),
  ...room.things.map((thing) => thing.id),
];

/** What came since one began to look on, until it is looked at. */
export function useNews(scene: EscapeScene) {
  const [known, setKnown] = useState(() => new Set(scene.rooms.flatMap(idsIn)));
  return {
    isNew: (id: string) => !known.has(id),
    look: (...ids: string[]) => setKnown((before) => new Set([...before, ...ids])),
  };
}
