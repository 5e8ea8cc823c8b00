import { create, type StoreApi, type UseBoundStore } from "zustand";
import type { Activity } from "../generated/types";

const MERGE_MILLIS = 1_000;

/** A step that can be gone back to: what stood there, and which question was unfolded. */
interface Step {
  activity: Activity;
  open?: string;
}

/** What is open on the sheet, with every step back to the opening of the page. */
export interface Editor {
  activity: Activity;
  /** The id of the question that is unfolded. */
  open?: string;
  /** Whether the line that unfolds takes the cursor. */
  takesCursor: boolean;
  /** The ids of the questions that are selected together; empty where only the open one counts. */
  selected: string[];
  past: Step[];
  future: Step[];
  /**
   * Makes a change. Changes with the same key that follow each other quickly, as when typing into
   * one field, are undone in one step.
   */
  edit: (change: (activity: Activity) => Activity, key?: string) => void;
  undo: () => void;
  redo: () => void;
  unfold: (question?: string, takesCursor?: boolean) => void;
  select: (questions: string[]) => void;
  /** Takes another activity in its place; the change can be undone. */
  take: (activity: Activity) => void;
}

export type EditorStore = UseBoundStore<StoreApi<Editor>>;

/** The store of one open editor. */
export function createEditor(activity: Activity, open?: string): EditorStore {
  let lastKey: string | undefined;
  let lastAt = 0;
  const here = ({ activity, open }: Editor): Step => ({ activity, open });
  return create<Editor>((set) => ({
    activity,
    open,
    takesCursor: true,
    selected: [],
    past: [],
    future: [],
    edit: (change, key) =>
      set((state) => {
        const next = change(state.activity);
        if (next === state.activity) return {};
        const merges = key !== undefined && key === lastKey && Date.now() - lastAt < MERGE_MILLIS;
        lastKey = key;
        lastAt = Date.now();
        return {
          activity: next,
          past: merges ? state.past : [...state.past, here(state)],
          future: [],
        };
      }),
    undo: () =>
      set((state) => {
        lastKey = undefined;
        const previous = state.past.at(-1);
        if (!previous) return {};
        return {
          ...previous,
          selected: [],
          past: state.past.slice(0, -1),
          future: [here(state), ...state.future],
        };
      }),
    redo: () =>
      set((state) => {
        lastKey = undefined;
        const next = state.future[0];
        if (!next) return {};
        return {
          ...next,
          selected: [],
          past: [...state.past, here(state)],
          future: state.future.slice(1),
        };
      }),
    unfold: (question, takesCursor = true) => set({ open: question, takesCursor, selected: [] }),
    select: (questions) => set({ selected: questions }),
    take: (other) =>
      set((state) => {
        lastKey = undefined;
        return { activity: other, selected: [], past: [...state.past, here(state)], future: [] };
      }),
  }));
}
