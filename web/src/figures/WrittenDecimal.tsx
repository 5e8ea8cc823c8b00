import { figureWords } from "./figureWords";
import { digitsOf, recurringOf } from "./recurring";

/** A decimal number, with the dots drawn that stand above what recurs: few fonts place them well. */
export function WrittenDecimal({ decimal }: { decimal: string }) {
  const digits = digitsOf(decimal);
  const recurring = recurringOf(decimal);
  const plain = digits.map(({ digit }) => digit).join("");
  if (!recurring) return <span>{plain}</span>;
  return (
    <>
      <span aria-hidden="true">
        {digits.map(({ digit, dotted }, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a digit is its place
          <span key={i} className={dotted ? "recurring-digit" : undefined}>
            {digit}
          </span>
        ))}
      </span>
      <span className="sr-only">{figureWords.recurs(plain, recurring)}</span>
    </>
  );
}
