import { useEffect, useState } from "react";
import { playEffect } from "../sound/effects";
import { useSoundSwitch } from "../sound/useSound";
import { words } from "../words/en";

/** What the class's own clock is doing; nothing while there is none. */
export interface ClassClock {
  /** Milliseconds that were left when it was started or held last. */
  left: number;
  /** When it was started, by the page's own time; nothing while it is held. */
  since?: number;
}

export const USUAL_MILLIS = 30_000;

/** Started, held or going on again. */
export const turned = (clock: ClassClock | undefined): ClassClock => {
  if (!clock) return { left: USUAL_MILLIS, since: performance.now() };
  return clock.since === undefined
    ? { left: clock.left, since: performance.now() }
    : { left: leftOf(clock) };
};

export const leftOf = ({ left, since }: ClassClock) =>
  Math.max(0, since === undefined ? left : left - (performance.now() - since));

/** A clock of the class's own, where the game has none: it rings, and changes nothing in the game. */
export function ClassTimer({ clock }: { clock: ClassClock }) {
  const [left, setLeft] = useState(() => leftOf(clock));
  const on = useSoundSwitch((sound) => sound.on);
  useEffect(() => {
    setLeft(leftOf(clock));
    if (clock.since === undefined) return;
    const timer = setInterval(() => {
      const now = leftOf(clock);
      setLeft(now);
      if (now === 0) {
        clearInterval(timer);
        if (on) playEffect("hint");
      }
    }, 200);
    return () => clearInterval(timer);
  }, [clock, on]);
  const seconds = Math.ceil(left / 1_000);
  return (
    <p role="timer" className="class-timer" data-up={left === 0}>
      {left === 0
        ? words.front.timeUp
        : `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`}
      {clock.since === undefined && <span className="text-[0.8em]"> {words.front.held}</span>}
    </p>
  );
}
