/** Where what had the focus has gone meanwhile, the focus goes to the place itself: its heading. */
export function landFocus() {
  if (document.activeElement !== document.body || document.querySelector("dialog[open]")) return;
  const place =
    document.querySelector<HTMLElement>("main h1") ?? document.querySelector<HTMLElement>("main");
  if (!place) return;
  if (!place.hasAttribute("tabindex")) place.tabIndex = -1;
  place.focus({ preventScroll: true });
}
