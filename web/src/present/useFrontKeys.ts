import { useEffect, useRef } from "react";
import { create } from "zustand";
import { useLook } from "../app/useLook";
import { filmThere, toBoard, toEntry } from "../stage/boardKeys";
import type { FrontControls } from "./useFrontControls";

const STORED = "bravium.single-keys";

interface SingleKeys {
  on: boolean;
  turn: () => void;
}

/** Whether single letters, digits and signs do something at the front; remembered on this device. */
export const useSingleKeys = create<SingleKeys>((set) => ({
  on: localStorage.getItem(STORED) !== "off",
  turn: () =>
    set(({ on }) => {
      localStorage.setItem(STORED, on ? "off" : "on");
      return { on: !on };
    }),
}));

/** Keys for everything that can be done at the front. */
export function useFrontKeys(controls: FrontControls, leave: () => void) {
  const turnLook = useLook((look) => look.turn);
  const listener = useRef<(event: KeyboardEvent) => void>(undefined);
  listener.current = (event) => {
    if (controls.dialog !== undefined) return;
    // Space means what has the focus: a button, or an option that the keyboard has gone to.
    const target = event.target instanceof Element ? event.target : undefined;
    const onButton = target?.closest("button, a, input:focus-visible");
    // What was answered stands in its field to be read: keys go past it.
    const typing = target?.closest(
      "input[type=text]:not([readonly]), input:not([type]):not([readonly]), textarea:not([readonly]), select",
    );
    // Enter does what the focus is on; where it is on nothing, it answers or goes on.
    if (typing || ((event.key === " " || event.key === "Enter") && onButton)) return;
    // Space and the keys with a name always mean what they say.
    const single = event.key.length === 1 && event.key !== " ";
    if (single && !useSingleKeys.getState().on) return;
    const does = actionOf(event.key, controls, turnLook, leave);
    if (!does) return;
    event.preventDefault();
    does();
  };
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      listener.current?.(event);
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, []);
}

function actionOf(
  key: string,
  controls: FrontControls,
  turnLook: () => void,
  leave: () => void,
): (() => void) | undefined {
  if (/^[1-6]$/.test(key)) return () => controls.pressTeam(Number(key) - 1);
  if (/^[a-f]$/i.test(key)) return () => controls.choose(key);
  const { stage, questions } = controls.showing;
  const board = stage === "board" || (stage === "playing" && questions.length > 0);
  if (board && /^( |Enter|Arrow\w+)$/.test(key)) {
    return filmThere() && key === "ArrowLeft" ? controls.back : toBoard;
  }
  switch (key.length === 1 ? key.toLowerCase() : key) {
    case " ":
    case "Enter":
    case "ArrowRight":
      return controls.next;
    case "ArrowLeft":
    case "Backspace":
      return controls.back;
    case "g":
      return toEntry;
    case "h":
      return controls.hint;
    case "x":
      return () => controls.strike(false);
    case "r":
      return controls.reveal;
    case "v":
      return () => controls.showing.question && controls.open("hands");
    case "o":
      return controls.turnOneByOne;
    case "s":
      return controls.turnShutter;
    case "p":
      return controls.turnPen;
    case "w":
      return controls.turnLow;
    case "i":
      return controls.takePicture;
    case "t":
      return controls.clock;
    case "+":
      return controls.moreTime;
    case "m":
      return controls.turnSound;
    case "j":
      return () => controls.open("jump");
    case "k":
      return () => document.querySelector<HTMLButtonElement>("[data-opens] > button")?.click();
    case "l":
      return () => document.querySelector<HTMLButtonElement>("[data-read-aloud]")?.click();
    case "0":
      return turnLook;
    case "?":
      return () => controls.open("keys");
    case "Escape":
      return outOf(controls, leave);
    default:
      return undefined;
  }
}

/** Out of what lies on top first. */
function outOf(controls: FrontControls, leave: () => void) {
  if (controls.pen) return controls.turnPen;
  return controls.shutter ? controls.turnShutter : leave;
}
