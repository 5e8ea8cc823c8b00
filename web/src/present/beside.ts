import { create } from "zustand";

/** A stroke: points in thousandths of the view's width, with how hard was pressed, from 0 to 100. */
export interface Stroke {
  points: number[];
  light: boolean;
}

/** What lies on the pages of a sitting and is no move: strokes, and flaps that are folded open. */
interface Beside {
  strokes: Record<string, Stroke[]>;
  open: string[];
  /** Whether strokes stay with their page; otherwise they go when it is left. */
  keeps: boolean;
}

interface BesideStore extends Beside {
  sitting: string;
  /** Whether the last change could not be kept on this device. */
  unkept: boolean;
  load: (sitting: string) => void;
  draw: (page: string, strokes: Stroke[]) => void;
  turnKeeps: () => void;
  leavePage: (page: string) => void;
  turnFlap: (question: string, open?: boolean) => void;
}

const PREFIX = "bravium.beside.";
const MOST_SITTINGS = 8;
const NOTHING: Beside = { strokes: {}, open: [], keeps: true };

function read(sitting: string): Beside {
  try {
    const text = localStorage.getItem(PREFIX + sitting);
    return text ? { ...NOTHING, ...(JSON.parse(text) as { beside: Beside }).beside } : NOTHING;
  } catch {
    return NOTHING;
  }
}

/** Keeps it on this device, and the oldest of many sittings no longer; whether it could be kept. */
function write(sitting: string, beside: Beside): boolean {
  const others = Object.keys(localStorage)
    .filter((name) => name.startsWith(PREFIX) && name !== PREFIX + sitting)
    .map((name) => ({ name, at: atOf(name) }))
    .sort((a, b) => b.at - a.at);
  try {
    for (const { name } of others.slice(MOST_SITTINGS - 1)) localStorage.removeItem(name);
    localStorage.setItem(PREFIX + sitting, JSON.stringify({ at: Date.now(), beside }));
    return true;
  } catch {
    return false;
  }
}

function atOf(name: string): number {
  try {
    return (JSON.parse(localStorage.getItem(name) ?? "") as { at: number }).at;
  } catch {
    return 0;
  }
}

/** What lies on the pages; kept on this device beside the sitting, so that a reload loses nothing. */
export const useBeside = create<BesideStore>((set, get) => {
  const change = (part: Partial<Beside>) => {
    const { sitting, strokes, open, keeps } = get();
    const next = { strokes, open, keeps, ...part };
    set({ ...next, unkept: !write(sitting, next) });
  };
  return {
    sitting: "",
    unkept: false,
    ...NOTHING,
    load: (sitting) => {
      if (get().sitting !== sitting) set({ sitting, unkept: false, ...read(sitting) });
    },
    draw: (page, strokes) => change({ strokes: { ...get().strokes, [page]: strokes } }),
    turnKeeps: () => change({ keeps: !get().keeps }),
    leavePage: (page) => {
      if (get().keeps || !get().strokes[page]) return;
      const { [page]: _, ...rest } = get().strokes;
      change({ strokes: rest });
    },
    turnFlap: (question, open) => {
      const there = get().open.includes(question);
      if (open === there) return;
      change({
        open: there ? get().open.filter((id) => id !== question) : [...get().open, question],
      });
    },
  };
});
