import { type PointerEvent as ReactPointerEvent, useEffect, useRef } from "react";

interface Drag {
  card: HTMLElement;
  x: number;
  y: number;
  moved: boolean;
  /** Where the card lay when it was taken up, from where it is drawn. */
  left: number;
  top: number;
  over?: Element;
}

interface Drags {
  /** What a card is put to at a point; nothing where it can't be put. */
  slotAt: (x: number, y: number) => Element | undefined;
  drop: (card: string, slot: Element, x: number, y: number) => void;
  closed?: boolean;
}

/** A pointer has to move this far to drag; before, it presses. */
const DRAGS_FROM = 6;

/**
 * Cards that are dragged by any number of pointers at once: on a board two children use both hands.
 * While one moves, nothing is drawn anew but that card. A card is what has `data-card`; the element that
 * has these handlers holds cards and slots.
 */
export function useDrags(options: Drags) {
  const now = useRef(options);
  now.current = options;
  const drags = useRef(new Map<number, Drag>());
  useEffect(() => {
    const open = drags.current;
    const move = (event: PointerEvent) => {
      const drag = open.get(event.pointerId);
      if (drag) follow(drag, event, now.current);
    };
    const end = (event: PointerEvent) => {
      const drag = open.get(event.pointerId);
      open.delete(event.pointerId);
      if (drag) letGo(drag, event, now.current);
    };
    window.addEventListener("pointermove", move);
    window.addEventListener("pointerup", end);
    window.addEventListener("pointercancel", end);
    return () => {
      window.removeEventListener("pointermove", move);
      window.removeEventListener("pointerup", end);
      window.removeEventListener("pointercancel", end);
      open.clear();
    };
  }, []);
  return (event: ReactPointerEvent) => {
    if (now.current.closed || event.button !== 0 || !(event.target instanceof Element)) return;
    const card = event.target.closest<HTMLElement>("[data-card]");
    if (!card || [...drags.current.values()].some((drag) => drag.card === card)) return;
    drags.current.set(event.pointerId, {
      card,
      x: event.clientX,
      y: event.clientY,
      moved: false,
      left: 0,
      top: 0,
    });
  };
}

function follow(drag: Drag, event: PointerEvent, { slotAt }: Drags) {
  const dx = event.clientX - drag.x;
  const dy = event.clientY - drag.y;
  if (!drag.moved && Math.hypot(dx, dy) < DRAGS_FROM) return;
  if (!drag.moved) lift(drag);
  drag.card.style.transform = `translate(${drag.left + dx}px, ${drag.top + dy}px)`;
  const over = slotAt(event.clientX, event.clientY);
  if (over === drag.over) return;
  drag.over?.removeAttribute("data-over");
  over?.setAttribute("data-over", "true");
  drag.over = over;
}

/** Takes a card out of its row, so that nothing that scrolls cuts it off, and leaves it where it is seen. */
function lift(drag: Drag) {
  const { card } = drag;
  const { left, top, width } = card.getBoundingClientRect();
  drag.moved = true;
  card.dataset.dragging = "true";
  Object.assign(card.style, { position: "fixed", left: "0", top: "0", width: `${width}px` });
  const base = card.getBoundingClientRect();
  drag.left = left - base.left;
  drag.top = top - base.top;
}

function letGo(drag: Drag, event: PointerEvent, { slotAt, drop, closed }: Drags) {
  const { card } = drag;
  drag.over?.removeAttribute("data-over");
  if (!drag.moved) return;
  // The press that ends a drag picks nothing up.
  const swallow = (press: MouseEvent) => {
    press.stopPropagation();
    press.preventDefault();
  };
  card.addEventListener("click", swallow, { capture: true, once: true });
  setTimeout(() => card.removeEventListener("click", swallow, { capture: true }));
  const slot = event.type === "pointerup" ? slotAt(event.clientX, event.clientY) : undefined;
  delete card.dataset.dragging;
  card.removeAttribute("style");
  const id = card.dataset.card;
  if (slot && id !== undefined && !closed) drop(id, slot, event.clientX, event.clientY);
}

/** The topmost slot at a point, among those within an element; cards that are dragged lie above. */
export function slotUnder(box: Element | null, x: number, y: number): Element | undefined {
  for (const element of document.elementsFromPoint(x, y)) {
    const slot = element.closest("[data-dragging]") ? undefined : element.closest("[data-slot]");
    if (slot && box?.contains(slot)) return slot;
  }
  return undefined;
}
