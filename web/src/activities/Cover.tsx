import { useState } from "react";
import { signOf } from "../games/signs";
import type { ActivityCard } from "../generated/types";
import { smallAddress } from "../rich/media";
import { hash, Pattern } from "../ui/Pattern";

/**
 * What an activity shows of itself: its picture, where one gives nothing away; or else its game's sign
 * on the colours of its look.
 */
export function Cover({ card }: { card: ActivityCard }) {
  const [missing, setMissing] = useState(false);
  const { kind, medium, ground, accent } = card;
  if (medium && !missing) {
    return (
      <img
        src={smallAddress(medium)}
        alt=""
        loading="lazy"
        className="h-28 w-full bg-base-200 object-cover"
        onError={() => setMissing(true)}
      />
    );
  }
  const Sign = signOf(kind);
  const drawn = { color: accent ?? undefined, background: ground ?? undefined };
  return (
    <span
      aria-hidden="true"
      style={drawn}
      className={`relative block h-28 w-full overflow-hidden ${accent ? "" : "text-primary"} ${ground ? "" : (TONES[hash(card.id) % TONES.length] ?? "")}`}
    >
      <Pattern of={card.id} />
      {Sign && (
        <Sign size={56} strokeWidth={1.5} className="absolute top-1/2 left-6 -translate-y-1/2" />
      )}
    </span>
  );
}

const TONES = [
  "bg-[#dce8e6] dark-cover",
  "bg-[#f3e2bd] dark-cover",
  "bg-[#e4e9d6] dark-cover",
  "bg-[#e3e0ea] dark-cover",
  "bg-[#f0dcd3] dark-cover",
] as const;
