import { create } from "zustand";

interface Playhead {
  /** Where the film on the sheet is, in milliseconds. */
  at: number;
  playing: boolean;
  set: (part: Partial<Pick<Playhead, "at" | "playing">>) => void;
  /** Moves the film; nothing while there is none. */
  seek: (at: number) => void;
  takeSeek: (seek?: (at: number) => void) => void;
}

/** Where the film on the sheet is: the strip, the script and the keys share it. */
export const usePlayhead = create<Playhead>((set) => ({
  at: 0,
  playing: false,
  set,
  seek: () => undefined,
  takeSeek: (seek) => set({ seek: seek ?? (() => undefined) }),
}));
