import type { KeyboardEvent } from "react";
import { numberReadOf } from "../../engine/LocalGame";
import type { Numeric } from "../../generated/types";
import { words } from "../../words/en";
import type { FieldsProps } from "./KindFields";
import { Mistakes } from "./Mistakes";
import { Checks } from "./rows";
import { TryAnswer } from "./TryAnswer";

const FIELD =
  "h-11 min-w-0 rounded-[4px] border-b-2 border-line bg-transparent px-1.5 text-lg placeholder:text-soft hover:bg-base-200";

/** The number that is right, how near is near enough, and its unit. */
export function NumberFields({ question, change, next }: FieldsProps<Numeric>) {
  const read = numberReadOf({ ...question, kind: "number" });
  const onward = (event: KeyboardEvent) => {
    if (event.key !== "Enter") return;
    event.preventDefault();
    next();
  };
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-4 py-1 pl-6">
        <label className="flex-1">
          <span className="block text-sm text-soft">{words.sheet.number}</span>
          <input
            data-row
            className={`${FIELD} w-full min-w-32`}
            value={question.value ?? ""}
            maxLength={60}
            placeholder={words.sheet.numberPlaceholder}
            onChange={(event) => change({ value: event.target.value || undefined }, "value")}
            onKeyDown={onward}
          />
        </label>
        <label>
          <span className="block text-sm text-soft">{words.sheet.tolerance}</span>
          <input
            className={`${FIELD} w-24`}
            value={question.tolerance ?? ""}
            maxLength={60}
            placeholder={words.sheet.tolerancePlaceholder}
            onChange={(event) =>
              change({ tolerance: event.target.value || undefined }, "tolerance")
            }
            onKeyDown={onward}
          />
        </label>
        <label className="flex-1">
          <span className="block text-sm text-soft">{words.sheet.units}</span>
          <input
            className={`${FIELD} w-full min-w-28`}
            value={question.units.join(",")}
            maxLength={120}
            placeholder={words.sheet.unitsPlaceholder}
            onChange={(event) => {
              const { value } = event.target;
              change({ units: value ? value.split(",") : [] }, "units");
            }}
            onKeyDown={onward}
          />
        </label>
      </div>
      {read && <p className="py-1 pl-6 text-soft">{words.sheet.numberRead(read)}</p>}
      <div className="pl-6">
        <Checks
          names={words.sheet.numbers}
          values={{
            fractions: question.fractions,
            lowestTerms: question.lowestTerms,
            percent: question.percent,
            unitNeeded: question.unitNeeded,
            unitsExact: question.unitsExact,
          }}
          turn={(key) => change({ [key]: !question[key] })}
        />
      </div>
      <Mistakes
        mistakes={question.mistakes}
        change={(mistakes, key) => change({ mistakes }, key)}
        next={next}
      />
      <TryAnswer question={question} />
    </>
  );
}
