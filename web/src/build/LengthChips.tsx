import { useState } from "react";
import { words } from "../words/en";
import { MANY_SECONDS } from "../words/format";
import { ChoiceChip, NumberChip } from "./chips";

const MINUTE = 60;

type Unit = "minutes" | "seconds";

/** A length of time inside a sentence, in seconds or in minutes: as it is read most easily. */
export function LengthChips(props: {
  label: string;
  value: number;
  least: number;
  most: number;
  change: (seconds: number) => void;
}) {
  const { label, value, least, most, change } = props;
  const [chosen, setChosen] = useState<Unit>();
  const whole = value % MINUTE === 0;
  const unit = whole ? (chosen ?? (value >= MANY_SECONDS ? "minutes" : "seconds")) : "seconds";
  const factor = unit === "minutes" ? MINUTE : 1;
  return (
    <>
      <NumberChip
        label={label}
        value={value / factor}
        least={Math.max(1, Math.ceil(least / factor))}
        most={Math.floor(most / factor)}
        change={(n) => change(n * factor)}
      />{" "}
      <ChoiceChip
        label={words.rules.unitLabel}
        names={words.rules.units}
        value={unit}
        change={(next) => {
          setChosen(next);
          // What is no whole number of minutes becomes one.
          if (next === "minutes" && !whole) {
            change(Math.max(1, Math.round(value / MINUTE)) * MINUTE);
          }
        }}
      />
    </>
  );
}
