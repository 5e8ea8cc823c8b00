import type { Mistake } from "../../generated/types";
import { WordsField } from "../../rich/WordsField";
import { written } from "../../rich/words";
import { words } from "../../words/en";
import { LINE_FIELD, Part, Rows } from "./rows";

/** Wrong answers that the teacher expects, each with what she says to it. */
export function Mistakes(props: {
  mistakes: Mistake[];
  change: (mistakes: Mistake[], key?: string) => void;
  next: () => void;
}) {
  const { mistakes, change, next } = props;
  return (
    <Part title={words.sheet.mistakes}>
      <Rows
        texts={mistakes.map((mistake) => mistake.text)}
        most={20}
        label={words.sheet.mistakeOne}
        placeholder={() => words.sheet.mistakeAdd}
        change={(texts, place) =>
          change(
            texts.map((text, i) => ({ ...mistakes[i], text })),
            `mistake ${place}`,
          )
        }
        remove={(place) => change(mistakes.toSpliced(place, 1))}
        next={next}
        beside={(i, field) => (
          <WordsField
            {...field}
            label={words.sheet.mistakeSay(i + 1)}
            placeholder={words.sheet.mistakeSayPlaceholder}
            value={mistakes[i]?.feedback ?? ""}
            maxLength={1000}
            className={`${LINE_FIELD} text-base`}
            change={(text) =>
              change(
                mistakes.map((m, at) => (at === i ? { ...m, feedback: written(text) } : m)),
                `said ${i}`,
              )
            }
          />
        )}
      />
    </Part>
  );
}
