import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/learner";

/** Asked where a device knows somebody: tablets go from hand to hand. */
export function IsItYou(props: { asks: string; how?: string; yes: () => void; no: () => void }) {
  const { asks, how, yes, no } = props;
  usePageTitle(asks);
  return (
    <main className="mx-auto flex min-h-full max-w-md flex-col justify-center gap-5 p-6">
      <h1 className="text-3xl font-semibold text-balance">{asks}</h1>
      {how && <p className="text-lg">{how}</p>}
      <button type="button" className="btn btn-primary btn-lg" onClick={yes}>
        {words.join.yes}
      </button>
      <button type="button" className="btn btn-outline btn-lg" onClick={no}>
        {words.join.no}
      </button>
    </main>
  );
}
