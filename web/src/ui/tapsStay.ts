import { useEffect } from "react";

/** What is pressed, as a whole. */
const PRESSED = "button, a, summary";

/**
 * A press means what lay under it when it began. Where something else has come there meanwhile, what
 * ends the press is not taken as one on that.
 */
export function useTapsStay() {
  useEffect(() => {
    let began: Element | undefined;
    const down = (event: PointerEvent) => {
      began = event.target instanceof Element ? event.target : undefined;
    };
    const click = (event: MouseEvent) => {
      // By a key, or by what a program does, nothing was pointed at.
      if (!event.isTrusted || event.detail === 0 || !began) return;
      const pressed = event.target instanceof Element && event.target.closest(PRESSED);
      if (!pressed || pressed.contains(began)) return;
      event.preventDefault();
      event.stopPropagation();
    };
    window.addEventListener("pointerdown", down, { capture: true });
    window.addEventListener("click", click, { capture: true });
    return () => {
      window.removeEventListener("pointerdown", down, { capture: true });
      window.removeEventListener("click", click, { capture: true });
    };
  }, []);
}
