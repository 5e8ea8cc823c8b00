import { createRoot } from "react-dom/client";
import "../src/app/theme.css";
import "../src/app/useLook";
import { fetchDragging } from "../src/questions/answers/AnswerField";
import { StateView } from "./StateView";
import { statesOfTheDemo } from "./states";

declare global {
  interface Window {
    /** What can be shown here, by name; shows one once it is all there. */
    gallery: { names: string[]; show: (name: string) => Promise<void> };
  }
}

const states = statesOfTheDemo();
const root = createRoot(document.getElementById("root") as HTMLElement);
const moment = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)));

window.gallery = {
  names: states.map((state) => state.name),
  show: async (name) => {
    await fetchDragging();
    const state = states.find((one) => one.name === name);
    if (state) root.render(<StateView key={name} state={state} />);
    do {
      await moment();
    } while (!document.querySelector(".stage"));
    await document.fonts.ready;
  },
};
