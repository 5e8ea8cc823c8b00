import { createContext, useContext } from "react";

/** Where a picture or a sound is fetched from, by its name in the activity. */
export type MediaAddress = (medium: string) => string;

/** The file of one of the teacher's own. */
export const mediumAddress: MediaAddress = (medium) => `/api/media/${medium}/file`;

/** A small picture of it. */
export const smallAddress: MediaAddress = (medium) => `/api/media/${medium}/small`;

/** The teacher's own, where nothing else is said; a player's are under the names of her play. */
export const MediaContext = createContext<MediaAddress>(mediumAddress);

export const useMediaAddress = () => useContext(MediaContext);
