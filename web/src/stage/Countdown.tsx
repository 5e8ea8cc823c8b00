import { Timer } from "lucide-react";
import { useEffect, useState } from "react";
import type { Showing } from "../generated/types";
import { playEffect } from "../sound/effects";
import { useSoundSwitch } from "../sound/useSound";
import { words } from "../words/learner";
import { clockWords, endOf, useUntil } from "./clock";

const SOON = 10_000;
/** The last seconds that are heard. */
const TICKS = 5;

/** A picture of the game's clock, wherever it hangs. What running out means is the engine's to say. */
export function Countdown({ showing }: { showing: Showing }) {
  const { clock } = showing;
  // Of a showing that nobody has dated, it counts from when it was first seen.
  const [seen] = useState(Date.now);
  const end = endOf({ ...showing, received: showing.received ?? seen });
  const left = useUntil(end) ?? clock?.left ?? 0;
  const stands = clock?.stands !== false;
  const shown = Math.ceil(left / 1_000);
  const soon = left <= SOON && !stands;
  const ticks = shown <= TICKS && shown > 0 && !stands;
  const silent = showing.sounds?.off;
  const on = useSoundSwitch((sound) => sound.on);
  // biome-ignore lint/correctness/useExhaustiveDependencies: one tick for each of the last seconds
  useEffect(() => {
    if (ticks && on && !silent) playEffect("tick");
  }, [shown]);
  if (!clock) return null;
  return (
    <p
      role="timer"
      title={stands ? words.game.clockStands : undefined}
      className={`flex items-center gap-[0.35em] tabular-nums ${soon ? "font-semibold text-error" : "text-soft"}`}
    >
      <Timer aria-hidden="true" className="size-[1em]" />
      {shown === 0 && !stands ? words.game.timesUp : words.game.left(clockWords(left))}
      <span className="sr-only" role="status">
        {soon && words.game.tenSeconds}
      </span>
    </p>
  );
}
