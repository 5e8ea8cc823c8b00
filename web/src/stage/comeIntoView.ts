/** Scrolls as far as it takes to see an element above the foot of the stage, which covers what lies below it. */
export function comeIntoView(element: HTMLElement) {
  const foot = element.closest(".stage")?.querySelector<HTMLElement>(".stage-foot");
  if (foot) element.style.scrollMarginBottom = `calc(${foot.offsetHeight}px + 0.5rem)`;
  element.scrollIntoView?.({ block: "nearest" });
}
