import { createContext, type ReactNode, useContext, useEffect, useRef, useState } from "react";
import { MediaRow, Rich } from "../../rich/Rich";
import { mediaOf, plainOf, type Words } from "../../rich/words";
import { slotUnder, useDrags } from "../../ui/drags";
import { words } from "../../words/learner";

/** A card that can be put somewhere. */
export interface Placeable {
  id: string;
  text: Words;
}

interface Hand {
  /** The card that is picked up. */
  held?: Placeable;
  pickUp: (card?: Placeable) => void;
  put: (card: Placeable, slot?: string) => void;
  closed?: boolean;
}

const HandContext = createContext<Hand>({ pickUp: () => undefined, put: () => undefined });

/** The card that is picked up, and what can be done with it. */
export const useHand = () => useContext(HandContext);

const BENCH = "bench";

/**
 * Cards that are put into slots: dragged by any number of fingers, or picked up by a press or with Enter
 * and put down by a press on the place.
 */
export function Placing(props: {
  cards: Placeable[];
  put: (card: Placeable, slot?: string) => void;
  closed?: boolean;
  /** What a slot means at a point, where its parts mean something else. */
  slotAt?: (slot: Element, x: number, y: number) => string | undefined;
  children: ReactNode;
}) {
  const { cards, put, closed, slotAt } = props;
  const [held, pickUp] = useState<Placeable>();
  const box = useRef<HTMLDivElement>(null);
  /** A card that was put somewhere with the keyboard keeps the focus there. */
  const follows = useRef<string>(undefined);
  const putDown = (card: Placeable, slot?: string) => {
    if (box.current?.contains(document.activeElement)) follows.current = card.id;
    put(card, slot);
    pickUp(undefined);
  };
  useEffect(() => {
    const id = follows.current;
    follows.current = undefined;
    if (id === undefined || box.current?.contains(document.activeElement)) return;
    const cards = box.current?.querySelectorAll<HTMLElement>("[data-card]") ?? [];
    for (const card of cards) {
      if (card.dataset.card === id) (card.querySelector("button") ?? card).focus();
    }
  });
  const start = useDrags({
    closed,
    slotAt: (x, y) => slotUnder(box.current, x, y),
    drop: (id, slot, x, y) => {
      const card = cards.find((one) => one.id === id);
      const there = slotAt ? slotAt(slot, x, y) : (slot as HTMLElement).dataset.slot;
      if (card && there !== undefined) putDown(card, there === BENCH ? undefined : there);
    },
  });
  return (
    <HandContext value={{ held, pickUp, put: putDown, closed }}>
      {/* biome-ignore lint/a11y/noStaticElementInteractions: Escape anywhere among the cards puts one back */}
      <div
        ref={box}
        className="contents"
        onPointerDown={start}
        onKeyDown={(event) => {
          if (event.key !== "Escape" || !held) return;
          event.stopPropagation();
          pickUp(undefined);
        }}
      >
        {props.children}
      </div>
      <p className="sr-only" role="status">
        {held && words.game.pickedUp(plainOf(held.text))}
      </p>
    </HandContext>
  );
}

/** Where the cards lie that are not placed. */
export function Bench(props: { label: string; cards: Placeable[]; done?: string }) {
  const { held, put, closed } = useHand();
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: by keyboard a card is put elsewhere from its place
    // biome-ignore lint/a11y/noStaticElementInteractions: pressing beside the cards puts one back
    <div
      {...scrolledByKeys(props.label, props.cards, () => closed)}
      data-slot={BENCH}
      onClick={(event) => {
        if (held && event.target === event.currentTarget && !closed) put(held);
      }}
      className="card-bench flex min-h-[3.4em] flex-wrap items-center gap-[0.5em] rounded-[4px] border-2 border-dashed border-line p-[0.4em] data-over:border-primary"
    >
      <span className="sr-only">{props.label}</span>
      {props.cards.map((card) => (
        <CardButton key={card.id} card={card} />
      ))}
      {props.cards.length === 0 && <span className="text-soft">{props.done}</span>}
    </div>
  );
}

/** A card: pressing it picks it up, or puts it down again. */
export function CardButton(props: { card: Placeable; mark?: boolean; fixed?: boolean }) {
  const { card, mark } = props;
  const { held, pickUp, closed } = useHand();
  const isHeld = held?.id === card.id;
  const fixed = closed || props.fixed;
  const sounds = mediaOf(card.text).filter((medium) => medium.kind === "sound");
  const id = fixed ? undefined : card.id;
  const button = (
    <button
      type="button"
      data-card={sounds.length > 0 ? undefined : id}
      data-inked={`card ${card.id}`}
      aria-pressed={fixed ? undefined : isHeld}
      disabled={fixed}
      onClick={() => pickUp(isHeld ? undefined : card)}
      className={`card-button relative min-h-11 touch-none rounded-[14px] border-[3px] bg-card px-[0.7em] py-[0.25em] text-start text-[length:var(--card-text)] font-medium [overflow-wrap:anywhere] data-dragging:z-20 data-dragging:opacity-90 ${borderOf(mark, isHeld)} ${fixed ? "" : "cursor-grab shadow-lift"}`}
    >
      <span data-read>
        <Rich words={card.text} still />
      </span>
      <PartMark right={mark} />
    </button>
  );
  if (sounds.length === 0) return button;
  // What is heard is no part of what is picked up: both are pressed, each for itself.
  return (
    <span
      data-card={id}
      className="relative inline-flex max-w-full flex-wrap items-center gap-[0.3em] data-dragging:z-20"
    >
      {button}
      <MediaRow media={sounds} />
    </span>
  );
}

const borderOf = (mark: boolean | undefined, isHeld: boolean) =>
  mark === true
    ? "border-success"
    : mark === false
      ? "border-error"
      : isHeld
        ? "border-base-content"
        : "border-line";

/** A sign and words beside a part that was marked. */
export function PartMark({ right }: { right?: boolean }) {
  if (right === undefined) return null;
  return (
    <span
      className={`ml-[0.5em] text-[length:var(--small)] font-semibold ${right ? "text-success" : "text-error"}`}
    >
      <span aria-hidden="true">{right ? "✓" : "✕"}</span>
      <span className="sr-only">{right ? words.game.partRight : words.game.partWrong}</span>
    </span>
  );
}

/** Where no card in it takes the focus, what scrolls takes it itself, so that the keys reach it all. */
const scrolledByKeys = (
  name: string,
  cards: Placeable[],
  still: (card: Placeable) => boolean | undefined,
) =>
  cards.length > 0 && cards.every((card) => still(card))
    ? { tabIndex: 0, role: "group", "aria-label": name }
    : {};

/** A place for cards: a press puts the card there that is picked up. */
export function Slot(props: {
  id: string;
  /** What it is called when something is put there. */
  name: string;
  cards: Placeable[];
  marks?: (card: Placeable) => boolean | undefined;
  /** Which of its cards stay where they are. */
  fixed?: (card: Placeable) => boolean;
  className?: string;
  style?: React.CSSProperties;
  empty?: string;
  /** Whether it scrolls where its cards are many. */
  scrolls?: boolean;
}) {
  const { id, name, cards, marks, fixed } = props;
  const { held, put, closed } = useHand();
  const takes = held !== undefined && !closed && !cards.some((card) => card.id === held.id);
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the button in it does the same by key
    // biome-ignore lint/a11y/useKeyWithClickEvents: the button in it does the same by key
    <span
      {...(props.scrolls && scrolledByKeys(name, cards, (card) => closed || fixed?.(card)))}
      data-slot={closed ? undefined : id}
      data-takes={takes}
      style={props.style}
      // All of the place takes what is picked up, not only where its words stand.
      onClick={
        takes
          ? (event) => {
              const on = event.target instanceof Element && event.target.closest("button, audio");
              if (!on) put(held, id);
            }
          : undefined
      }
      className={`card-slot rounded-[14px] border-2 border-dashed border-edge p-[0.2em] data-over:border-primary data-over:bg-primary/10 data-[takes=true]:border-primary data-[takes=true]:bg-primary/10 ${props.className ?? ""}`}
    >
      {cards.map((card) => (
        <CardButton key={card.id} card={card} mark={marks?.(card)} fixed={fixed?.(card)} />
      ))}
      {takes ? (
        <button
          type="button"
          className="min-h-11 min-w-[4em] flex-1 cursor-pointer rounded-[14px] px-[0.5em] text-start text-primary"
          aria-label={words.game.put(plainOf(held.text), name)}
          onClick={() => put(held, id)}
        >
          ↓ {plainOf(held.text)}
        </button>
      ) : (
        cards.length === 0 && (
          <span className="inline-block min-h-11 min-w-[4em] px-[0.5em] py-[0.4em] text-soft">
            <span className="sr-only">{name}: </span>
            {props.empty ?? "…"}
          </span>
        )
      )}
    </span>
  );
}
