import type { Gaps } from "../../generated/types";
import { words } from "../../words/en";
import type { FieldsProps } from "./KindFields";
import { Choice, LINE_FIELD } from "./rows";
import { ComparingChecks } from "./TextFields";

/** How the gaps are filled; the gaps themselves stand in the question's text. */
export function GapsFields({ question, change, next }: FieldsProps<Gaps>) {
  return (
    <>
      <p className="pl-6 text-sm text-soft">{words.sheet.gapHelp}</p>
      <Choice
        label={words.sheet.fillingLabel}
        text={words.sheet.filling}
        names={words.sheet.fillings}
        value={question.filling}
        change={(filling) => change({ filling })}
      />
      {question.filling === "typed" ? (
        <ComparingChecks
          comparing={question.comparing}
          change={(comparing) => change({ comparing })}
        />
      ) : (
        <label className="flex items-center gap-2 pl-6">
          <span className="shrink-0 text-soft">{words.sheet.decoys}</span>
          <input
            className={LINE_FIELD}
            value={question.decoys.join(",")}
            maxLength={300}
            placeholder={words.sheet.decoysPlaceholder}
            onChange={(event) => {
              const { value } = event.target;
              change({ decoys: value ? value.split(",") : [] }, "decoys");
            }}
            onKeyDown={(event) => {
              if (event.key !== "Enter") return;
              event.preventDefault();
              next();
            }}
          />
        </label>
      )}
    </>
  );
}
