import { useEffect, useRef } from "react";
import { words } from "../words/en";

/** Fetches the next page when the end of the list comes near, or when it is pressed. */
export function More({ fetching, fetch }: { fetching: boolean; fetch: () => void }) {
  const ref = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    const button = ref.current;
    if (!button || fetching) return;
    const seen = new IntersectionObserver(
      ([entry]) => {
        if (entry?.isIntersecting) fetch();
      },
      { rootMargin: "400px" },
    );
    seen.observe(button);
    return () => seen.disconnect();
  }, [fetching, fetch]);
  return (
    <button
      ref={ref}
      type="button"
      className="btn btn-ghost mt-6 w-full"
      disabled={fetching}
      onClick={fetch}
    >
      {fetching ? words.loading : words.activities.more}
    </button>
  );
}
