import { useEffect, useRef, useState } from "react";
import type { Showing } from "../generated/types";

declare module "../generated/types" {
  interface Showing {
    /** When this device got it, by its own clock: what is left on a clock counts from then. */
    received?: number;
  }
}

const TICK = 200;
/** The engine still takes answers that were on their way for half a second. */
export const GRACE = 600;
const AGAIN_MILLIS = 5_000;
/** A timer counts in 31 bits: what is further off it would ring at once. */
const MOST_WAIT = 24 * 3_600_000;

/** The showing as it has come to this device just now. */
export const received = (showing: Showing): Showing => ({ ...showing, received: Date.now() });

/** How far this device's clock is ahead of the one by which the game is told the time. */
export const aheadOf = ({ at, received = Date.now() }: Showing) => received - at;

/** When the countdown comes to nought, by this device's clock; nothing while none runs. */
export function endOf({ clock, received = Date.now() }: Showing): number | undefined {
  return clock && !clock.stands ? received + clock.left : undefined;
}

/** The milliseconds that are left until a moment of this device's clock. */
export function useUntil(end: number | undefined): number | undefined {
  const [now, setNow] = useState(Date.now);
  useEffect(() => {
    setNow(Date.now());
    if (end === undefined) return;
    const timer = setInterval(() => setNow(Date.now()), TICK);
    return () => clearInterval(timer);
  }, [end]);
  return end === undefined ? undefined : Math.max(0, end - now);
}

/** Calls what asks anew, once a moment and the grace after it have passed; again until it is called off. */
export function useAfter(end: number | undefined, act?: () => void) {
  const latest = useRef(act);
  latest.current = act;
  useEffect(() => {
    if (end === undefined) return;
    const look = () => {
      const wait = end + GRACE - Date.now();
      if (wait <= 0) latest.current?.();
      timer = setTimeout(look, wait <= 0 ? AGAIN_MILLIS : Math.min(wait, MOST_WAIT));
    };
    let timer = setTimeout(look, Math.min(Math.max(0, end + GRACE - Date.now()), MOST_WAIT));
    return () => clearTimeout(timer);
  }, [end]);
}

/** “4:05”, of what is left. */
export function clockWords(left: number): string {
  const seconds = Math.ceil(left / 1_000);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
}
