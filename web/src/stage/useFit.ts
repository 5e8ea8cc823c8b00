import { type RefObject, useLayoutEffect } from "react";

/** How far a stage draws together, from not at all; the style sheet says what each means. */
const LEVELS = ["0", "1", "2"];

/**
 * Draws a stage together as far as it takes for all of it to be seen at once. Where even that doesn't
 * do, it scrolls, and its foot stays in sight.
 */
export function useFit(ref: RefObject<HTMLElement | null>) {
  // With each showing: what stands on the stage changes with it.
  useLayoutEffect(() => {
    const stage = ref.current;
    const frame = stage?.closest<HTMLElement>(".stage-frame");
    if (!stage || !frame) return;
    const draw = () => {
      for (const level of LEVELS) {
        stage.dataset.tight = level;
        if (frame.scrollHeight <= frame.clientHeight) return;
      }
    };
    draw();
    // What does not lay anything out has no sizes to watch.
    const sizes = typeof ResizeObserver === "undefined" ? undefined : new ResizeObserver(draw);
    sizes?.observe(frame);
    stage.addEventListener("load", draw, true);
    return () => {
      sizes?.disconnect();
      stage.removeEventListener("load", draw, true);
    };
  });
}
