import { useEffect, useState } from "react";
import { CHIP } from "../../build/chips";
import { momentOf, momentWords } from "./moments";
import { sheetWords } from "./sheetWords";

/** A moment of the film, written as minutes and seconds; arrows move it by a tenth or a second. */
export function MomentField(props: {
  label: string;
  value?: number;
  most: number;
  change: (at: number) => void;
}) {
  const { label, value, most, change } = props;
  const shown = value === undefined ? "" : momentWords(value, true);
  const [text, setText] = useState(shown);
  const [wrong, setWrong] = useState(false);
  useEffect(() => {
    setText(shown);
    setWrong(false);
  }, [shown]);
  const take = () => {
    const at = momentOf(text);
    setWrong(at === undefined && text.trim() !== "");
    if (at === undefined) return text.trim() === "" && setText(shown);
    const within = Math.min(at, most);
    if (within === value) setText(shown);
    else change(within);
  };
  return (
    <span className="relative inline-block">
      <input
        className={`${CHIP} min-w-[4ch] tabular-nums not-supports-[field-sizing:content]:w-[5rem]`}
        aria-label={label}
        aria-invalid={wrong || undefined}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={take}
        onKeyDown={(event) => {
          const by = { ArrowUp: 1, ArrowDown: -1 }[event.key];
          if (event.key === "Enter") {
            event.preventDefault();
            event.stopPropagation();
            take();
          } else if (by !== undefined && value !== undefined && !event.altKey) {
            event.preventDefault();
            change(Math.max(0, Math.min(most, value + by * (event.shiftKey ? 1_000 : 100))));
          }
        }}
      />
      {wrong && (
        <span
          role="alert"
          className="absolute top-full left-0 z-20 mt-1 w-max max-w-64 rounded-[4px] border-l-4 border-error bg-card px-3 py-1.5 font-sans text-base font-normal shadow-lift"
        >
          {sheetWords.notMoment}
        </span>
      )}
    </span>
  );
}
