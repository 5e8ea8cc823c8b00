import type { QuestionUnion } from "../generated/types";
import { Dialog } from "../ui/Dialog";
import { words } from "../words/en";

type Kind = QuestionUnion["kind"];

/** The key of each kind, while this is open. */
export const KIND_KEYS: [Kind, string][] = [
  ["pick-one", "P"],
  ["pick-all", "A"],
  ["true-false", "T"],
  ["typed-text", "W"],
  ["number", "N"],
  ["gaps", "G"],
  ["order", "O"],
  ["pairs", "M"],
  ["groups", "S"],
  ["point", "L"],
  ["free-answer", "F"],
  ["discussion", "D"],
  ["information", "I"],
];

/** The kinds of question, each one key away. */
export function KindDialog(props: {
  kind: Kind;
  choose: (kind: Kind) => void;
  onClose: () => void;
}) {
  const { kind, choose, onClose } = props;
  return (
    <Dialog title={words.sheet.kindLabel} onClose={onClose}>
      <ul
        className="grid gap-1 sm:grid-cols-2"
        onKeyDown={(event) => {
          const found = KIND_KEYS.find(([, key]) => key === event.key.toUpperCase());
          if (!found || event.ctrlKey || event.altKey || event.metaKey) return;
          event.preventDefault();
          choose(found[0]);
        }}
      >
        {KIND_KEYS.map(([one, key]) => (
          <li key={one}>
            <button
              type="button"
              data-first={one === kind || undefined}
              aria-pressed={one === kind}
              aria-keyshortcuts={key}
              onClick={() => choose(one)}
              className={`flex min-h-11 w-full cursor-pointer items-center justify-between gap-3 rounded-[14px] px-3 text-start hover:bg-base-200 ${one === kind ? "font-semibold" : ""}`}
            >
              {words.sheet.kinds[one]}
              <kbd className="kbd font-display">{key}</kbd>
            </button>
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
