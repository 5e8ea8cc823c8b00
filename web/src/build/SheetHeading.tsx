import { words } from "../words/en";

/** The heading of a sheet, with the keys of the place beside it. */
export function SheetHeading({ title, showKeys }: { title: string; showKeys: () => void }) {
  return (
    <div className="flex items-baseline justify-between gap-3">
      <h2 id="sheet" className="text-sm font-semibold tracking-wide text-soft">
        {title}
      </h2>
      <button type="button" className="min-h-8 cursor-pointer text-sm text-soft" onClick={showKeys}>
        <kbd className="kbd kbd-sm">?</kbd> {words.build.keysHint}
      </button>
    </div>
  );
}
