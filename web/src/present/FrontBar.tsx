import {
  ArrowDownToLine,
  ArrowRight,
  BookOpen,
  Camera,
  CircleHelp,
  Ellipsis,
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
/** A touch that brings the bar has ended as a press on what was there before. */
const TOUCH_ENDS_MILLIS = 80;

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
      comes = undefined;
      setUsed(true);
      setNear(true);
      clearTimeout(goes);
      goes = setTimeout(() => {
        there = false;
        setNear(false);
      }, SHOWN_MILLIS);
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
    const released = () => {
      if (there) come();
      else comes ??= setTimeout(come, TOUCH_ENDS_MILLIS);
    };
    window.addEventListener("pointermove", moved);
    window.addEventListener("pointerdown", pressed);
    window.addEventListener("pointerup", released);
    return () => {
      clearTimeout(goes);
      clearTimeout(comes);
      window.removeEventListener("pointermove", moved);
      window.removeEventListener("pointerdown", pressed);
      window.removeEventListener("pointerup", released);
    };
  }, []);
  return { used, near };
}

/** What is wanted less often: it comes in place of the others. */
const OTHERS = new Set(["one", "low", "print", "picture", "sound", "aloud", "look", "full"]);

/** All that has a key, as buttons with a word. */
export function FrontBar({ actions, near }: { actions: FrontAction[]; near: boolean }) {
  const [others, setOthers] = useState(false);
  const shown = actions.filter(({ id, there }) => there && OTHERS.has(id) === others);
  return (
    <div role="toolbar" aria-label={words.front.bar} className="front-bar" data-near={near}>
      {shown.map(({ id, name, run }) => (
        <BarTool key={id} icon={ICONS[id] ?? CircleHelp} name={name} run={run} />
      ))}
      <BarTool
        icon={others ? Undo2 : Ellipsis}
        name={others ? words.front.fewer : words.front.others}
        run={() => setOthers(!others)}
      />
    </div>
  );
}

function BarTool({ icon: Icon, name, run }: { icon: LucideIcon; name: string; run: () => void }) {
  return (
    <button
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
}
