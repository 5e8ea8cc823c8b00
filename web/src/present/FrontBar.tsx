import {
  ArrowDownToLine,
  ArrowRight,
  BookOpen,
  Camera,
  CircleHelp,
  Eraser,
  Hand,
  Key,
  Lightbulb,
  ListOrdered,
  LogOut,
  type LucideIcon,
  Maximize,
  Megaphone,
  Moon,
  PanelBottom,
  PenLine,
  Plus,
  Printer,
  Timer,
  Undo2,
  Volume2,
} from "lucide-react";
import { useEffect, useState } from "react";
import { words } from "../words/en";
import type { FrontAction } from "./frontActions";

const ICONS: Record<string, LucideIcon> = {
  next: ArrowRight,
  back: Undo2,
  strike: Eraser,
  reveal: BookOpen,
  hands: Hand,
  one: ListOrdered,
  hint: Lightbulb,
  clock: Timer,
  more: Plus,
  shutter: PanelBottom,
  pen: PenLine,
  low: ArrowDownToLine,
  print: Printer,
  picture: Camera,
  jump: ListOrdered,
  unlock: Key,
  sound: Volume2,
  aloud: Megaphone,
  look: Moon,
  full: Maximize,
  keys: CircleHelp,
  leave: LogOut,
};

const SHOWN_MILLIS = 5_000;

/** A press that follows a move so soon is one with it: many boards say each touch as a mouse's. */
const PRESS_FOLLOWS_MILLIS = 300;

/**
 * Whether whoever presents uses a pointer, and has just done so: the bar then comes, and goes again by
 * itself. Its place is kept from the first time on, so that nothing moves under the pointer later; and
 * what is pressed stays where it is until it is let go of.
 */
export function usePointerNear() {
  const [used, setUsed] = useState(false);
  const [near, setNear] = useState(false);
  useEffect(() => {
    let goes: ReturnType<typeof setTimeout> | undefined;
    let comes: ReturnType<typeof setTimeout> | undefined;
    let there = false;
    const come = () => {
      there = true;
      setUsed(true);
      setNear(true);
      clearTimeout(goes);
      goes = setTimeout(() => setNear(false), SHOWN_MILLIS);
    };
    const moved = (event: PointerEvent) => {
      if (event.pointerType === "touch" || event.buttons > 0) return;
      if (there) come();
      else comes ??= setTimeout(come, PRESS_FOLLOWS_MILLIS);
    };
    const pressed = () => {
      clearTimeout(comes);
      comes = undefined;
    };
    window.addEventListener("pointermove", moved);
    window.addEventListener("pointerdown", pressed);
    window.addEventListener("pointerup", come);
    return () => {
      clearTimeout(goes);
      clearTimeout(comes);
      window.removeEventListener("pointermove", moved);
      window.removeEventListener("pointerdown", pressed);
      window.removeEventListener("pointerup", come);
    };
  }, []);
  return { used, near };
}

/** All that has a key, as buttons with a word. */
export function FrontBar({ actions, near }: { actions: FrontAction[]; near: boolean }) {
  return (
    <div role="toolbar" aria-label={words.front.bar} className="front-bar" data-near={near}>
      {actions
        .filter((action) => action.there)
        .map(({ id, name, run }) => {
          const Icon = ICONS[id] ?? CircleHelp;
          return (
            <button
              key={id}
              type="button"
              className="front-tool"
              onClick={(event) => {
                // Pressed by a pointer it keeps no focus, so that the bar can go and keys mean the game.
                if (event.detail > 0) event.currentTarget.blur();
                run();
              }}
            >
              <Icon size={20} aria-hidden="true" />
              {name}
            </button>
          );
        })}
    </div>
  );
}
