const LEAVES = 9;

/** The mark of a win: a plain laurel ring, with the points in it. */
export function Rosette({ points, label }: { points: number; label: string }) {
  const leaves = Array.from({ length: LEAVES }, (_, i) => 18 + (i * 154) / (LEAVES - 1));
  return (
    <div className="relative mx-auto aspect-square w-[min(15rem,38cqh)]">
      <svg viewBox="-110 -110 220 220" aria-hidden="true" className="h-full w-full">
        {[1, -1].map((side) =>
          leaves.map((angle) => (
            <ellipse
              key={`${side}${angle}`}
              cx={0}
              cy={-92}
              rx={8}
              ry={20}
              transform={`rotate(${side * angle}) rotate(${side * 62} 0 -92)`}
              className="fill-success"
            />
          )),
        )}
      </svg>
      <p className="absolute inset-0 flex flex-col items-center justify-center leading-tight">
        <strong className="text-[2em] font-bold">{points}</strong>
        <span className="text-soft">{label}</span>
      </p>
    </div>
  );
}
