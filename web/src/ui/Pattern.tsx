import type { ReactNode } from "react";

const upTo = (n: number) => Array.from({ length: n }, (_, i) => i);

/** Drawn in thin ink: two that stand beside each other seldom look alike. */
const PATTERNS: ((seed: number) => ReactNode)[] = [
  (seed) => {
    const sag = 40 + (seed % 30);
    return upTo(4).map((i) => (
      <path key={i} d={`M 90 ${-20 + 30 * i} Q 200 ${sag + 30 * i} 310 ${-20 + 30 * i}`} />
    ));
  },
  (seed) => upTo(6).map((i) => <circle key={i} cx={250 - (seed % 60)} cy={60} r={14 + 16 * i} />),
  (seed) =>
    upTo(9).map((i) => {
      const x = 110 + 22 * i;
      return <path key={i} d={`M ${x} 120 L ${x + 20 + (seed % 50)} -10`} />;
    }),
  (seed) =>
    upTo(5).map((i) => (
      <path
        key={i}
        d={`M 100 ${20 + 20 * i} q 20 ${-14 - (seed % 10)} 40 0 t 40 0 t 40 0 t 40 0 t 40 0`}
      />
    )),
];

/** A quiet pattern in the colour of the text around it, each text with its own. */
export function Pattern({ of }: { of: string }) {
  const seed = hash(of);
  return (
    <svg
      viewBox="0 0 300 112"
      preserveAspectRatio="xMidYMid slice"
      className="absolute inset-0 size-full fill-none stroke-current opacity-25"
      aria-hidden="true"
    >
      {PATTERNS[(seed >>> 4) % PATTERNS.length]?.(seed)}
    </svg>
  );
}

/** A number that goes with a text, the same each time. */
export function hash(text: string): number {
  let h = 2166136261;
  for (const char of text) h = Math.imul(h ^ (char.codePointAt(0) ?? 0), 16777619);
  return h >>> 0;
}
