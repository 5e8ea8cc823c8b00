import { useState } from "react";
import type { EscapeScene } from "../../generated/types";

const idsOf = (scene: EscapeScene) =>
  scene.rooms.flatMap((room) => [
    room.id,
    ...room.locks.map((lock) => lock.id),
    ...room.things.map((thing) => thing.id),
  ]);

/** What came since one began to look on, until it is looked at. */
export function useNews(scene: EscapeScene) {
  const [known, setKnown] = useState(() => new Set(idsOf(scene)));
  return {
    isNew: (id: string) => !known.has(id),
    look: (id: string) => setKnown((before) => new Set([...before, id])),
  };
}
