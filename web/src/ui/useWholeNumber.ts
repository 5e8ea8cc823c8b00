import { type ChangeEvent, useEffect, useState } from "react";
import { words } from "../words/learner";

/** How long it is said what became of a number that was out of range. */
const SAID_MILLIS = 8_000;

const shown = (value?: number) => (value === undefined ? "" : String(value));

/**
 * A field for a whole number. While it is being typed it may be empty or out of range; what is kept
 * never is. A number out of range becomes the nearest that can be, and that is said.
 *
 * @param range.empty what an empty field means; without it an empty field keeps its number
 */
export function useWholeNumber(
  value: number | undefined,
  range: { least: number; most: number; empty?: () => void },
  change: (value: number) => void,
) {
  const { least, most, empty } = range;
  const [text, setText] = useState(shown(value));
  const [said, setSaid] = useState<string>();
  useEffect(() => setText(shown(value)), [value]);
  useEffect(() => {
    if (said === undefined) return;
    const timer = setTimeout(() => setSaid(undefined), SAID_MILLIS);
    return () => clearTimeout(timer);
  }, [said]);
  const typed = text.trim() === "" ? Number.NaN : Math.round(Number(text));
  const outside = typed < least || typed > most;
  return {
    note: outside ? words.numbers.range(least, most) : said,
    field: {
      type: "number",
      inputMode: "numeric",
      min: least,
      max: most,
      step: 1,
      "aria-invalid": outside,
      value: text,
      onChange: (event: ChangeEvent<HTMLInputElement>) => {
        setText(event.target.value);
        setSaid(undefined);
        if (event.target.value === "" && empty) return empty();
        const next = Math.round(event.target.valueAsNumber);
        if (next >= least && next <= most) change(next);
      },
      onBlur: () => {
        if (!outside) return setText(shown(value));
        const nearest = Math.min(most, Math.max(least, typed));
        change(nearest);
        setText(String(nearest));
        setSaid(words.numbers.outOfRange(typed, least, most, nearest));
      },
    },
  } as const;
}
