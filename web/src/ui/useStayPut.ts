import { type RefObject, useEffect } from "react";

/**
 * While the pointer is over an element, what grows or shrinks above it moves nothing under the pointer:
 * the place that scrolls gives way instead, as far as it can.
 */
export function useStayPut(ref: RefObject<HTMLElement | null>) {
  useEffect(() => {
    const element = ref.current;
    const scroller = scrollerOf(element);
    if (!element || !scroller || typeof ResizeObserver === "undefined") return;
    let before = 0;
    const settle = () => {
      if (element.matches(":hover")) {
        scroller.scrollTop += element.getBoundingClientRect().top - before;
      }
      before = element.getBoundingClientRect().top;
    };
    const remember = () => {
      before = element.getBoundingClientRect().top;
    };
    const sizes = new ResizeObserver(settle);
    for (const child of scroller.children) sizes.observe(child);
    element.addEventListener("pointerenter", remember);
    element.addEventListener("pointerdown", remember);
    return () => {
      sizes.disconnect();
      element.removeEventListener("pointerenter", remember);
      element.removeEventListener("pointerdown", remember);
    };
  }, [ref]);
}

function scrollerOf(element: HTMLElement | null): HTMLElement | undefined {
  let parent = element?.parentElement;
  while (parent && !/auto|scroll/.test(getComputedStyle(parent).overflowY)) {
    parent = parent.parentElement;
  }
  return parent ?? undefined;
}
