import { Hourglass } from "lucide-react";
import { useEffect, useRef } from "react";
import { clockWords, useAfter, useUntil } from "../stage/clock";
import { words } from "../words/learner";

/** From when on it is said that the time will be over. */
const SAID_MILLIS = 5 * 60_000;
/** What lies there is handed in so long before: that is what a network takes. */
const BEFORE_MILLIS = 1_000;

/**
 * The hour at which a game ends there and then: seen coming, what lies there is handed in, and then
 * the game is looked at anew.
 */
export function EndsSoon(props: { at: number; handIn: () => void; look: () => void }) {
  const { at, handIn, look } = props;
  const left = useUntil(at) ?? 0;
  const soon = left <= SAID_MILLIS;
  const latest = useRef(handIn);
  latest.current = handIn;
  useEffect(() => {
    const wait = at - BEFORE_MILLIS - Date.now();
    if (!soon || wait < 0) return;
    const timer = setTimeout(() => latest.current(), wait);
    return () => clearTimeout(timer);
  }, [at, soon]);
  useAfter(at, look);
  if (!soon) return null;
  return (
    <p role="status" className="ends-soon">
      <Hourglass aria-hidden="true" className="size-[1em]" />
      {left === 0 ? words.play.endsNow : words.play.endsIn(clockWords(left))}
    </p>
  );
}
