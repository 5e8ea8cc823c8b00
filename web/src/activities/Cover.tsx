/** A cover drawn from the title: a string of pennants, each activity with its own swing. */
export function Cover({ title, kind }: { title: string; kind: string }) {
  const seed = hash(`${kind}${title}`);
  const count = 5 + (seed % 3);
  const sag = 16 + ((seed >>> 3) % 22);
  const tilt = ((seed >>> 8) % 21) - 10;
  const tone = TONES[seed % TONES.length] ?? TONES[0];
  const bright = (seed >>> 5) % count;
  return (
    <svg
      viewBox="0 0 300 120"
      preserveAspectRatio="xMidYMid slice"
      className={`h-28 w-full ${tone}`}
      aria-hidden="true"
    >
      <path
        d={`M 10 ${22 - tilt} Q 150 ${22 + 2 * sag} 290 ${22 + tilt}`}
        className="fill-none stroke-soft"
        strokeWidth={2}
      />
      {Array.from({ length: count }, (_, i) => {
        const t = (i + 0.7) / (count + 0.4);
        const x = 10 + 280 * t;
        const y =
          (1 - t) ** 2 * (22 - tilt) + 2 * t * (1 - t) * (22 + 2 * sag) + t * t * (22 + tilt);
        const lit = i === bright;
        const w = lit ? 36 : 28;
        return (
          <path
            // biome-ignore lint/suspicious/noArrayIndexKey: a drawing has no other key
            key={i}
            d={`M ${x - w / 2} ${y} h ${w} v ${w * 0.85} l ${-w / 2} ${w * 0.4} l ${-w / 2} ${-w * 0.4} z`}
            strokeWidth={1.5}
            strokeLinejoin="round"
            className={lit ? "fill-accent stroke-[#7a5300]" : "fill-card stroke-edge"}
          />
        );
      })}
    </svg>
  );
}

const TONES = [
  "bg-[#dce8e6] dark-cover",
  "bg-[#f3e2bd] dark-cover",
  "bg-[#e4e9d6] dark-cover",
  "bg-[#e3e0ea] dark-cover",
  "bg-[#f0dcd3] dark-cover",
] as const;

function hash(text: string): number {
  let h = 2166136261;
  for (const char of text) h = Math.imul(h ^ (char.codePointAt(0) ?? 0), 16777619);
  return h >>> 0;
}
