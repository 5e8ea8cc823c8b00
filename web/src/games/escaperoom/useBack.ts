import { useEffect, useRef } from "react";

/** Esc leads back from what one has gone up to, before it leaves anything else. */
export function useBack(back: () => void) {
  const latest = useRef(back);
  latest.current = back;
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const elsewhere =
        document.querySelector("dialog[open]") ||
        (event.target instanceof Element && event.target.closest(".stage-ask"));
      if (event.key !== "Escape" || elsewhere) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      latest.current();
    };
    window.addEventListener("keydown", listen, true);
    return () => window.removeEventListener("keydown", listen, true);
  }, []);
}
