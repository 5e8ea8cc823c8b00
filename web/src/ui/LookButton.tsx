import { Moon, Sun } from "lucide-react";
import { useLook } from "../app/useLook";
import { words } from "../words/learner";

/** Turns between the light and the dark look. */
export function LookButton({ short }: { short?: boolean }) {
  const { look, turn } = useLook();
  const label = look === "day" ? words.look.toNight : words.look.toDay;
  const Icon = look === "day" ? Moon : Sun;
  return (
    <button type="button" className="btn btn-ghost" onClick={turn} aria-label={label}>
      <Icon size={18} aria-hidden="true" />
      {!short && <span className="max-sm:sr-only">{label}</span>}
    </button>
  );
}
