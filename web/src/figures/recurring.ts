/** A digit as it is written, and whether a dot stands above it since it recurs. */
export interface Digit {
  digit: string;
  dotted: boolean;
}

/** A decimal number as the core writes it, with combining dots, digit by digit. */
export const digitsOf = (decimal: string): Digit[] =>
  [...decimal.matchAll(/(.)(\u0307?)/gu)].map(([, digit = "", dot]) => ({
    digit,
    dotted: dot !== "",
  }));

/** The digits that recur: from the first dot to the last; empty where the number ends. */
export function recurringOf(decimal: string): string {
  const digits = digitsOf(decimal);
  const from = digits.findIndex((one) => one.dotted);
  const to = digits.findLastIndex((one) => one.dotted);
  return from < 0
    ? ""
    : digits
        .slice(from, to + 1)
        .map((one) => one.digit)
        .join("");
}
