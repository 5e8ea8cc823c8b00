import { Rich } from "../../rich/Rich";
import type { Words } from "../../rich/words";
import { words } from "../../words/learner";

/** The hints that were given. */
export function Hints({ hints }: { hints: Words[] }) {
  return (
    <div role="status">
      {hints.map((hint, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: hints come one after another and stay
        <div key={i} className="border-l-4 border-accent pl-[0.7em] font-sans">
          <strong>{words.game.hintNumber(i + 1)}</strong> <Rich words={hint} />
        </div>
      ))}
    </div>
  );
}
