import type { CSSProperties } from "react";

const COUNT = 18;
const STARS = Array.from({ length: COUNT }, (_, i) => i);

/** Stars that burst and fade; none where somebody asked for less motion. */
export function Stars() {
  return (
    <div className="reveal-stars" aria-hidden="true">
      {STARS.map((i) => (
        <span
          key={i}
          style={
            {
              "--angle": `${(360 / COUNT) * i}deg`,
              "--far": `${6 + (i % 3) * 2.5}em`,
            } as CSSProperties
          }
        >
          ★
        </span>
      ))}
    </div>
  );
}
