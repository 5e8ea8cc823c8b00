import { create } from "zustand";
import type { Slip } from "../generated/types";

const STORED = "bravium.slips.";

function read(id: string): Slip[] {
  try {
    return JSON.parse(sessionStorage.getItem(STORED + id) ?? "[]");
  } catch {
    return [];
  }
}

function write(id: string, slips: Slip[]) {
  try {
    if (slips.length === 0) sessionStorage.removeItem(STORED + id);
    else sessionStorage.setItem(STORED + id, JSON.stringify(slips));
  } catch {
    // Then they are there as long as the page is.
  }
}

interface FreshSlips {
  id: string;
  slips: Slip[];
  /** Whether they are looked at just now. */
  shown: boolean;
  /** Those of a class, as this tab has them. */
  load: (id: string) => void;
  /** Newer words of a learner take the place of the older ones. */
  add: (slips: Slip[]) => void;
  show: (shown: boolean) => void;
  /** They are printed or written down: nobody needs them here any more. */
  done: () => void;
}

/**
 * Words that the server tells once: kept in this tab, over a reload and an Escape, until the teacher
 * says that they are written down.
 */
export const useFreshSlips = create<FreshSlips>((set, get) => ({
  id: "",
  slips: [],
  shown: false,
  load: (id) => {
    if (get().id !== id) set({ id, slips: read(id), shown: false });
  },
  add: (fresh) => {
    const { id, slips } = get();
    const all = [
      ...slips.filter(({ learner }) => fresh.every((slip) => slip.learner !== learner)),
      ...fresh,
    ];
    write(id, all);
    set({ slips: all, shown: true });
  },
  show: (shown) => set({ shown }),
  done: () => {
    write(get().id, []);
    set({ slips: [], shown: false });
  },
}));
