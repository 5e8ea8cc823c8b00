import { words } from "../words/en";

/** Unfolds the rules that are as usual, and folds them away. */
export function MoreButton({ open, turn }: { open: boolean; turn: () => void }) {
  return (
    <button
      type="button"
      aria-expanded={open}
      className="cursor-pointer font-sans text-base text-soft underline underline-offset-4"
      onClick={turn}
    >
      {open ? words.rules.fewer : words.rules.more}
    </button>
  );
}
