import { createContext, useContext } from "react";
import type { Activity } from "../generated/types";

/** Where a picture or a sound is fetched from, by its name in the activity. */
export type MediaAddress = (medium: string) => string;

/** The file of one of the teacher's own. */
export const mediumAddress: MediaAddress = (medium) => `/api/media/${medium}/file`;

/** A small picture of it. */
export const smallAddress: MediaAddress = (medium) => `/api/media/${medium}/small`;

/** The teacher's own, where nothing else is said; a player's are under the names of her play. */
export const MediaContext = createContext<MediaAddress>(mediumAddress);

export const useMediaAddress = () => useContext(MediaContext);

/** The names of all pictures and sounds in an activity, each once. */
export const mediaIn = (activity: Activity): string[] => [
  ...new Set(
    [...JSON.stringify(activity).matchAll(/"(?:medium|picture)":"([a-z0-9-]+)"/g)].map(
      (found) => found[1] ?? "",
    ),
  ),
];

/** A film is not fetched ahead, in bytes. */
const LARGE = 20 << 20;

/** Fetches all pictures and sounds of an activity, so that they are there when the network is not. */
export function fetchAhead(activity: Activity) {
  for (const medium of mediaIn(activity)) {
    fetch(mediumAddress(medium))
      .then(async (answer) => {
        const large = Number(answer.headers.get("Content-Length")) > LARGE;
        await (large ? answer.body?.cancel() : answer.arrayBuffer());
      })
      .catch(() => undefined);
  }
}
