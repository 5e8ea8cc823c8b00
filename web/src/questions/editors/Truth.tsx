import type { TrueFalse } from "../../generated/types";
import { words } from "../../words/en";
import type { FieldsProps } from "./KindFields";

/** Whether the statement is true. */
export function Truth({ question, change }: FieldsProps<TrueFalse>) {
  return (
    <div className="flex gap-2 py-2 pl-6">
      {[true, false].map((answer) => {
        const on = question.answer === answer;
        return (
          <button
            key={`${answer}`}
            type="button"
            aria-pressed={on}
            className={`btn ${on ? "btn-success" : "btn-outline"}`}
            onClick={() => change({ answer: on ? undefined : answer })}
          >
            {on && <span aria-hidden="true">✓</span>}
            {answer ? words.sheet.isTrue : words.sheet.isFalse}
          </button>
        );
      })}
    </div>
  );
}
