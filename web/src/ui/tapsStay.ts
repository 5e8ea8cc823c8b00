import { useEffect } from "react";

/** What is pressed, as a whole. */
const PRESSED = "button, a, summary";

/** Where a press began, and what it was then: the same button may say something else meanwhile. */
interface Began {
  on: Element;
  said?: string;
}

const pressedAt = (target: EventTarget | null) =>
  target instanceof Element ? (target.closest(PRESSED) ?? undefined) : undefined;

const saying = (button: Element) => button.getAttribute("aria-label") ?? button.textContent;

export const beginning = (target: EventTarget | null): Began | undefined => {
  if (!(target instanceof Element)) return undefined;
  const button = pressedAt(target);
  return { on: target, said: button && saying(button) };
};

/** Whether what a press ends on is what it began on; where it ends on nothing that is pressed, it may. */
export const isMeant = (began: Began | undefined, target: EventTarget | null): boolean => {
  const button = pressedAt(target);
  return !began || !button || (button.contains(began.on) && saying(button) === began.said);
};

/**
 * A press means what lay under it when it began. Where something else has come there meanwhile, what
 * ends the press is not taken as one on that.
 */
export function useTapsStay() {
  useEffect(() => {
    let began: Began | undefined;
    const down = (event: PointerEvent) => {
      began = beginning(event.target);
    };
    const click = (event: MouseEvent) => {
      // By a key, or by what a program does, nothing was pointed at.
      if (!event.isTrusted || event.detail === 0 || isMeant(began, event.target)) return;
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
