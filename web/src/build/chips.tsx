import { useWholeNumber } from "../ui/useWholeNumber";

/**
 * The look of what can be changed inside a sentence: a word of it, marked. It is as wide as what it
 * says, and its control opens in place when it is pressed or reached by key.
 */
export const CHIP =
  "field-sizing-content cursor-pointer appearance-none rounded-[4px] border-b-2 border-primary/40 bg-transparent px-0.5 font-display font-semibold text-primary hover:bg-primary/12 focus:bg-primary/12 pointer-coarse:min-h-11";

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

/** A whole number in a sentence. */
export function NumberChip(props: {
  label: string;
  place?: string;
  value: number;
  least?: number;
  most: number;
  change: (value: number) => void;
}) {
  const { label, place, value, least = 0, most, change } = props;
  const { field, note } = useWholeNumber(value, { least, most }, change);
  return (
    <span className="relative inline-block">
      <input
        {...field}
        aria-label={label}
        data-place={place}
        className={`${CHIP} min-w-[1ch] [appearance:textfield] not-supports-[field-sizing:content]:w-[4.6rem] [&::-webkit-inner-spin-button]:appearance-none`}
      />
      {note && (
        <span
          role="alert"
          className="absolute top-full left-0 z-20 mt-1 w-max max-w-64 rounded-[4px] border-l-4 border-error bg-card px-3 py-1.5 font-sans text-base leading-snug font-normal text-base-content shadow-lift"
        >
          {note}
        </span>
      )}
    </span>
  );
}
