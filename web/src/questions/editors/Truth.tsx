import type { KeyboardEvent } from "react";
import type { TrueFalse } from "../../generated/types";
import { words } from "../../words/en";
import type { FieldsProps } from "./KindFields";

/** Whether the statement is true: arrows choose between the two, Enter says so and goes on. */
export function Truth({ question, change, next }: FieldsProps<TrueFalse>) {
  const onKey = (event: KeyboardEvent<HTMLButtonElement>, answer: boolean) => {
    if (event.key === "Enter") {
      event.preventDefault();
      change({ answer });
      next();
    } else if (event.key === "ArrowRight" || event.key === "ArrowLeft") {
      event.preventDefault();
      const { nextElementSibling: after, previousElementSibling: before } = event.currentTarget;
      ((event.key === "ArrowRight" ? after : before) as HTMLElement | null)?.focus();
    }
  };
  return (
    <div className="flex gap-2 py-2 pl-6">
      {[true, false].map((answer) => {
        const on = question.answer === answer;
        return (
          <button
            key={`${answer}`}
            type="button"
            data-row
            aria-pressed={on}
            className={`btn ${on ? "btn-success" : "btn-outline"}`}
            onKeyDown={(event) => onKey(event, answer)}
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
