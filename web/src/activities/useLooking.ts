import { useSearchParams } from "react-router";
import type { Looking } from "../api/teacher";

const NAMES = ["search", "kind", "subject", "year", "tag", "sort", "removed"] as const;

/** What is being looked for: it stands in the address, so that Back and reload keep it. */
export function useLooking() {
  const [params, setParams] = useSearchParams();
  const looking: Looking = {};
  for (const name of NAMES) {
    const value = params.get(name);
    if (value) looking[name] = value;
  }
  const change = (part: Looking) =>
    setParams(
      (now) => {
        const next = new URLSearchParams(now);
        for (const [name, value] of Object.entries(part)) {
          if (value) next.set(name, value);
          else next.delete(name);
        }
        return next;
      },
      { replace: true },
    );
  const clear = () => setParams({}, { replace: true });
  return { looking, change, clear };
}
