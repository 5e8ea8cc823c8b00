import { Volume2, VolumeX } from "lucide-react";
import { words } from "../words/learner";
import { useSoundSwitch } from "./useSound";

/** Turns this device's sounds on or off. */
export function SoundButton() {
  const { on, turn } = useSoundSwitch();
  const name = on ? words.sound.on : words.sound.off;
  return (
    <button
      type="button"
      aria-label={name}
      title={name}
      aria-pressed={on}
      className="btn btn-ghost btn-square"
      onClick={turn}
    >
      {on ? <Volume2 aria-hidden="true" /> : <VolumeX aria-hidden="true" />}
    </button>
  );
}
