import type { PartsOfWhole } from "../generated/types";
import { figureWords } from "./figureWords";

/** A fraction as it is written: one number over the other; a whole number as such. */
export function WrittenFraction({ fraction }: { fraction: PartsOfWhole }) {
  const { over, under } = fraction;
  if (under === 1) return <span>{over}</span>;
  return (
    <>
      <span className="written-fraction" aria-hidden="true">
        <span>{over}</span>
        <span>{under}</span>
      </span>
      <span className="sr-only">{figureWords.over(over, under)}</span>
    </>
  );
}
