import { type RefObject, useEffect, useRef } from "react";
import { usePlayhead } from "./playhead";

/**
 * Keys of the film: Space plays, arrows go by a frame or a second, S makes a stop. They count while
 * the film has the focus, and S while it plays, unless something is being written.
 */
export function useSheetKeys(
  box: RefObject<HTMLElement | null>,
  does: { turn: () => void; go: (by: number) => void; frame: number; stopHere: () => void },
) {
  const latest = useRef(does);
  latest.current = does;
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
      const target = event.target instanceof Element ? event.target : undefined;
      if (target?.closest("input, textarea, select, dialog, [contenteditable=true]")) return;
      const inside = box.current?.contains(target ?? null) ?? false;
      const { playing } = usePlayhead.getState();
      const { turn, go, frame, stopHere } = latest.current;
      const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
      if (event.key.toLowerCase() === "s" && (inside || playing)) stopHere();
      else if (event.key === " " && (inside || playing) && !target?.closest("button")) turn();
      else if (step !== undefined && inside && !target?.closest(".strip-stop")) {
        go(step * (event.shiftKey ? 1_000 : frame));
      } else return;
      event.preventDefault();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, [box]);
}
