import { useEffect, useState } from "react";

/** The look of what can be changed inside a sentence. */
export const CHIP =
  "mx-0.5 h-9 rounded-[14px] border-b-2 border-primary/40 bg-primary/12 px-2.5 font-display font-semibold text-primary";

/** A choice among a few, inside a sentence. */
export function ChoiceChip<K extends string>(props: {
  label: string;
  place?: string;
  names: Record<K, string>;
  value: K;
  change: (value: K) => void;
}) {
  return (
    <select
      className={`${CHIP} max-w-full`}
      aria-label={props.label}
      data-place={props.place}
      value={props.value}
      onChange={(e) => props.change(e.target.value as K)}
    >
      {(Object.keys(props.names) as K[]).map((key) => (
        <option key={key} value={key}>
          {props.names[key]}
        </option>
      ))}
    </select>
  );
}

/** A whole number in a sentence. While it is being typed it may be empty; what is kept never is. */
export function NumberChip(props: {
  label: string;
  place?: string;
  value: number;
  least?: number;
  most: number;
  change: (value: number) => void;
}) {
  const [text, setText] = useState(String(props.value));
  useEffect(() => setText(String(props.value)), [props.value]);
  return (
    <input
      type="number"
      inputMode="numeric"
      min={props.least ?? 0}
      max={props.most}
      step={1}
      aria-label={props.label}
      data-place={props.place}
      value={text}
      onChange={(e) => {
        setText(e.target.value);
        const value = Math.round(e.target.valueAsNumber);
        if (value >= (props.least ?? 0) && value <= props.most) props.change(value);
      }}
      onBlur={() => setText(String(props.value))}
      className={`${CHIP} w-[4.6rem]`}
    />
  );
}
