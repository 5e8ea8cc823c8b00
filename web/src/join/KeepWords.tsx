import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/learner";

/** The two words of somebody new: shown until she says that she has written them down. */
export function KeepWords({ two, kept }: { two: string[]; kept: () => void }) {
  usePageTitle(words.join.keepTitle);
  return (
    <main className="mx-auto flex min-h-full max-w-md flex-col justify-center gap-5 p-6">
      <h1 className="text-3xl font-semibold text-balance">{words.join.keepTitle}</h1>
      <p className="rounded-[4px] border-l-8 border-accent bg-card p-5 font-display text-4xl font-semibold">
        {two.join(" ")}
      </p>
      <p className="text-lg">{words.join.keep}</p>
      <button type="button" className="btn btn-primary btn-lg" onClick={kept}>
        {words.join.kept}
      </button>
    </main>
  );
}
