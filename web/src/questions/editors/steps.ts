import type { FieldKey } from "../../rich/WordsField";

/** What marks a field as one of those that Enter goes through, in the order of the page. */
export const STEP = { "data-step": "" };

/** Enter leads from the field that has the cursor to the next one inside the same box, or further on. */
export function onEnter(box: string, next: () => void) {
  return (event: FieldKey) => {
    if (event.key !== "Enter" || event.shiftKey || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    const here = document.activeElement;
    const steps = [...(here?.closest(box)?.querySelectorAll<HTMLElement>("[data-step]") ?? [])];
    const following = steps[steps.indexOf(here as HTMLElement) + 1];
    if (following) following.focus();
    else next();
  };
}
