import { Speech, Square } from "lucide-react";
import { type RefObject, useCallback, useEffect, useRef, useState } from "react";
import { words } from "../words/learner";
import { readableOf } from "./readable";
import { voiceHere } from "./voice";

const LIT = "read-aloud";

/** Reads what is marked with `data-read` on the stage, and lights each word as it is read. */
export function ReadAloud(props: {
  stage: RefObject<HTMLElement | null>;
  /** What is read: another turn ends the reading. */
  turn: string;
  wordsPerMinute: number;
}) {
  const { stage, turn, wordsPerMinute } = props;
  const [reading, setReading] = useState(false);
  const end = useRef<() => void>(undefined);
  const stop = useCallback(() => {
    end.current?.();
    end.current = undefined;
    light(undefined);
    setReading(false);
  }, []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another turn, or nobody looks any more
  useEffect(() => stop, [turn, stop]);
  const start = useCallback(() => {
    const { text, rangeAt } = readableOf(stage.current?.querySelectorAll("[data-read]") ?? []);
    if (!text.trim()) return;
    setReading(true);
    end.current = voiceHere().read(
      text,
      wordsPerMinute,
      (place) => light(rangeAt(place)),
      () => {
        end.current = undefined;
        stop();
      },
    );
  }, [stage, wordsPerMinute, stop]);
  const name = reading ? words.game.stopReading : words.game.readAloud;
  const Icon = reading ? Square : Speech;
  return (
    <button
      type="button"
      data-read-aloud
      aria-label={name}
      title={name}
      aria-pressed={reading}
      className="stage-aloud"
      onClick={reading ? stop : start}
    >
      <Icon aria-hidden="true" className="size-[1.5em]" />
    </button>
  );
}

/** Lights a word without touching the page's content: nothing moves, and nobody is told anew. */
function light(range?: Range) {
  const lights = globalThis.CSS?.highlights;
  if (!lights) return;
  if (!range) lights.delete(LIT);
  else lights.set(LIT, new Highlight(range));
}
