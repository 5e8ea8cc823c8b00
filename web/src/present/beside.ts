import { create } from "zustand";
import type { BesidePage, Stroke } from "../generated/types";
import { readBeside, writeBeside } from "../ui/perSitting";

/** What lies on the pages of a sitting and is no move: strokes, and flaps that are folded open. */
interface Beside {
  strokes: Record<string, Stroke[]>;
  open: string[];
  /** Whether strokes stay with their page; otherwise they go when it is left. */
  keeps: boolean;
  /** The pages on which the server doesn't know what lies now. */
  unsent: string[];
}

interface BesideStore extends Beside {
  sitting: string;
  /** Where the last change could not be kept: not even on this device, or on it alone. */
  unkept?: "here" | "there";
  load: (sitting: string) => void;
  draw: (page: string, strokes: Stroke[]) => void;
  turnKeeps: () => void;
  leavePage: (page: string) => void;
  turnFlap: (question: string, open?: boolean) => void;
  /** Takes in what the server keeps, but for pages that were changed here since. */
  arrive: (pages: Record<string, BesidePage>) => void;
  /** The server has a page as it was then. */
  sent: (page: string, then: BesidePage) => void;
  /** The server doesn't take what lies on a page. */
  refused: () => void;
}

const PREFIX = "bravium.beside.";
const NOTHING: Beside = { strokes: {}, open: [], keeps: true, unsent: [] };

function read(sitting: string): Beside {
  const beside = readBeside<Omit<Beside, "unsent"> & Partial<Beside>>(PREFIX, sitting);
  if (!beside) return NOTHING;
  // What an earlier Bravium kept was on this device alone.
  const all = [...new Set([...Object.keys(beside.strokes), ...beside.open])];
  return { ...NOTHING, ...beside, unsent: beside.unsent ?? all };
}

/** A page without strokes: the same one each time, so that nothing is drawn anew for it. */
export const NO_STROKES: Stroke[] = [];

/** What lies on a page now. */
export const besideOf = (page: string): BesidePage => {
  const { strokes, open } = useBeside.getState();
  return { strokes: strokes[page] ?? NO_STROKES, open: open.includes(page) };
};

/** What lies on the pages; kept on this device beside the sitting, and from here with the server. */
export const useBeside = create<BesideStore>((set, get) => {
  const keep = (part: Partial<Beside>, unkept?: "there") => {
    const { sitting, strokes, open, keeps, unsent } = get();
    const next = { strokes, open, keeps, unsent, ...part };
    const nowhere = unkept || next.unsent.length > 0 ? "here" : undefined;
    set({ ...next, unkept: writeBeside(PREFIX, sitting, next) ? unkept : nowhere });
  };
  const change = (page: string, part: Partial<Beside>) =>
    keep({ ...part, unsent: [...get().unsent.filter((one) => one !== page), page] });
  return {
    sitting: "",
    ...NOTHING,
    load: (sitting) => {
      if (get().sitting !== sitting) set({ sitting, unkept: undefined, ...read(sitting) });
    },
    draw: (page, strokes) => change(page, { strokes: { ...get().strokes, [page]: strokes } }),
    turnKeeps: () => keep({ keeps: !get().keeps }),
    leavePage: (page) => {
      if (get().keeps || !get().strokes[page]) return;
      const { [page]: _, ...rest } = get().strokes;
      change(page, { strokes: rest });
    },
    turnFlap: (question, open) => {
      const there = get().open.includes(question);
      if (open === there) return;
      change(question, {
        open: there ? get().open.filter((id) => id !== question) : [...get().open, question],
      });
    },
    arrive: (pages) => {
      const { unsent } = get();
      const now: [string, BesidePage][] = [
        ...Object.entries(pages).filter(([page]) => !unsent.includes(page)),
        ...unsent.map((page): [string, BesidePage] => [page, besideOf(page)]),
      ];
      const drawn = now.filter(([, { strokes }]) => strokes.length > 0);
      keep({
        strokes: Object.fromEntries(drawn.map(([page, { strokes }]) => [page, strokes])),
        open: now.filter(([, { open }]) => open).map(([page]) => page),
      });
    },
    sent: (page, then) => {
      const now = besideOf(page);
      if (now.strokes !== then.strokes || now.open !== then.open) return;
      keep({ unsent: get().unsent.filter((one) => one !== page) });
    },
    refused: () => keep({}, "there"),
  };
});
