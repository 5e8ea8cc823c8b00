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
import { useEffect, useRef, useState } from "react";
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

/**
 * Whether whoever presents uses a pointer, and has just done so: the bar then comes, and goes again by
 * itself. Its place is kept from the first time on, so that nothing moves under the pointer later.
 */
export function usePointerNear() {
  const [used, setUsed] = useState(false);
  const [near, setNear] = useState(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => {
    const come = () => {
      setUsed(true);
      setNear(true);
      clearTimeout(timer.current);
      timer.current = setTimeout(() => setNear(false), SHOWN_MILLIS);
    };
    // A touch is let go of first: what is pressed stays where it is until then.
    const moved = (event: PointerEvent) => event.pointerType !== "touch" && come();
    window.addEventListener("pointermove", moved);
    window.addEventListener("pointerup", come);
    return () => {
      clearTimeout(timer.current);
      window.removeEventListener("pointermove", moved);
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
