import { create } from "zustand";

export type CaptionSize = "off" | "small" | "medium" | "large";

const STORED = "bravium.captions";
const SIZES: CaptionSize[] = ["off", "small", "medium", "large"];

function stored(): CaptionSize {
  const found = localStorage.getItem(STORED);
  return SIZES.find((size) => size === found) ?? "medium";
}

/** Whether captions show, and how large; remembered on this device. */
export const useCaptions = create<{ size: CaptionSize; turn: () => void }>((set) => ({
  size: stored(),
  turn: () =>
    set(({ size }) => {
      const next = SIZES[(SIZES.indexOf(size) + 1) % SIZES.length] ?? "off";
      localStorage.setItem(STORED, next);
      return { size: next };
    }),
}));
