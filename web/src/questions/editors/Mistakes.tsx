import type { Mistake } from "../../generated/types";
import { words } from "../../words/en";
import { Part, Rows } from "./rows";

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
        label={(i) => words.sheet.mistakeOne(i + 1)}
        placeholder={() => words.sheet.mistakeAdd}
        change={(texts, place) =>
          change(
            texts.map((text, i) => ({ ...mistakes[i], text })),
            `mistake ${place}`,
          )
        }
        remove={(place) => change(mistakes.toSpliced(place, 1))}
        next={next}
        beside={(i) => (
          <input
            aria-label={words.sheet.mistakeSay(i + 1)}
            placeholder={words.sheet.mistakeSayPlaceholder}
            value={mistakes[i]?.feedback ?? ""}
            maxLength={1000}
            className="h-11 min-w-0 flex-1 rounded-[4px] bg-transparent px-1.5 placeholder:text-soft hover:bg-base-200"
            onChange={(event) =>
              change(
                mistakes.map((m, at) =>
                  at === i ? { ...m, feedback: event.target.value || undefined } : m,
                ),
                `said ${i}`,
              )
            }
          />
        )}
      />
    </Part>
  );
}
