import { Pause, Volume2 } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import type { Sound } from "../generated/types";
import { words } from "../words/learner";
import { useMediaAddress } from "./media";

/** The sound that plays now: one at a time. */
let playing: HTMLAudioElement | undefined;

/** A sound to play, with what is heard in it to read. */
export function SoundView({ sound }: { sound: Sound }) {
  const address = useMediaAddress()(sound.medium);
  const audio = useRef<HTMLAudioElement>(null);
  const [state, setState] = useState<"still" | "playing" | "missing">("still");
  const [reading, setReading] = useState(false);
  useEffect(() => () => audio.current?.pause(), []);
  const press = () => {
    const element = audio.current;
    if (!element) return;
    if (!element.paused) return element.pause();
    if (playing !== element) playing?.pause();
    playing = element;
    element.currentTime = 0;
    element.play().catch(() => setState("missing"));
  };
  return (
    <span className="inline-flex max-w-full flex-wrap items-center gap-[0.4em] text-[length:var(--small)] font-medium">
      {/* biome-ignore lint/a11y/useMediaCaption: what is heard stands beside it in words */}
      <audio
        ref={audio}
        src={address}
        preload="metadata"
        onPlay={() => setState("playing")}
        onPause={() => setState("still")}
        onError={() => setState("missing")}
      />
      {state === "missing" ? (
        <span>{words.medium.soundMissing(sound.words)}</span>
      ) : (
        <>
          <button
            type="button"
            className="sound-button"
            data-playing={state === "playing"}
            onClick={(event) => {
              event.preventDefault();
              event.stopPropagation();
              press();
            }}
          >
            {state === "playing" ? <Pause aria-hidden="true" /> : <Volume2 aria-hidden="true" />}
            {state === "playing" ? words.medium.stop : words.medium.listen}
          </button>
          {sound.words.trim() && (
            <button
              type="button"
              aria-expanded={reading}
              className="cursor-pointer underline underline-offset-3"
              onClick={(event) => {
                event.preventDefault();
                event.stopPropagation();
                setReading(!reading);
              }}
            >
              {words.medium.readIt}
            </button>
          )}
          {reading && <span className="basis-full font-sans font-normal">{sound.words}</span>}
        </>
      )}
    </span>
  );
}
