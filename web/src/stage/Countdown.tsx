import { Timer } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import type { Countdown as Clock } from "../generated/types";
import { playEffect } from "../sound/effects";
import { useSoundSwitch } from "../sound/useSound";
import { words } from "../words/learner";

const SOON = 10_000;
/** The last seconds that are heard. */
const TICKS = 5;
const TICK = 200;
/** The engine still takes answers that were on their way for half a second. */
const GRACE = 600;

/** A picture of the clock. What running out means is the engine's to say. */
export function Countdown(props: {
  clock: Clock;
  timeUp?: () => void;
  /** Whether the game makes no sounds of its own. */
  silent?: boolean;
}) {
  const { clock, timeUp, silent } = props;
  const left = useLeft(clock, timeUp);
  const shown = Math.ceil(left / 1_000);
  const soon = left <= SOON && !clock.stands;
  const ticks = shown <= TICKS && shown > 0 && !clock.stands;
  const on = useSoundSwitch((sound) => sound.on);
  // biome-ignore lint/correctness/useExhaustiveDependencies: one tick for each of the last seconds
  useEffect(() => {
    if (ticks && on && !silent) playEffect("tick");
  }, [shown]);
  return (
    <p
      role="timer"
      title={clock.stands ? words.game.clockStands : undefined}
      className={`flex items-center gap-[0.35em] tabular-nums ${soon ? "font-semibold text-error" : "text-soft"}`}
    >
      <Timer aria-hidden="true" className="size-[1em]" />
      {words.game.left(`${Math.floor(shown / 60)}:${String(shown % 60).padStart(2, "0")}`)}
      <span className="sr-only" role="status">
        {soon && words.game.tenSeconds}
      </span>
    </p>
  );
}

function useLeft(clock: Clock, timeUp?: () => void): number {
  const [left, setLeft] = useState(clock.left);
  const up = useRef(timeUp);
  up.current = timeUp;
  useEffect(() => {
    setLeft(clock.left);
    if (clock.stands) return;
    const end = performance.now() + clock.left;
    let called = false;
    const timer = setInterval(() => {
      const now = end - performance.now();
      setLeft(Math.max(0, now));
      if (now < -GRACE && !called) {
        called = true;
        up.current?.();
      }
    }, TICK);
    return () => clearInterval(timer);
  }, [clock]);
  return left;
}
