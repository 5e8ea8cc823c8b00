import { create } from "zustand";

export type Look = "day" | "night";

const STORED = "bravium.look";

const remembered = (): Look => {
  try {
    return localStorage.getItem(STORED) === "night" ? "night" : "day";
  } catch {
    return "day";
  }
};

const wear = (look: Look) => {
  document.documentElement.dataset.theme = `bravium-${look}`;
};

const put = (look: Look) => {
  wear(look);
  try {
    localStorage.setItem(STORED, look);
  } catch {
    // A browser that keeps nothing still shows the look.
  }
};

/** Light paper or the dark look; remembered on this device. */
export const useLook = create<{ look: Look; turn: () => void }>((set, get) => ({
  look: remembered(),
  turn: () => {
    const look = get().look === "day" ? "night" : "day";
    put(look);
    set({ look });
  },
}));

put(remembered());

// Paper is light, whatever the screen is.
window.addEventListener("beforeprint", () => wear("day"));
window.addEventListener("afterprint", () => wear(useLook.getState().look));
