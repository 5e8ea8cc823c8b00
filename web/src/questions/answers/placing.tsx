import {
  DndContext,
  type DragEndEvent,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { createContext, type ReactNode, useContext, useState } from "react";
import { Rich } from "../../rich/Rich";
import { plainOf, type Words } from "../../rich/words";
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

/** A pointer has to move this far to drag; before, it presses. */
const DRAGS_FROM = 6;

/**
 * Cards that are put into slots: dragged with the pointer, or picked up by a press or with Enter and
 * put down by a press on the place.
 */
export function Placing(props: {
  cards: Placeable[];
  put: (card: Placeable, slot?: string) => void;
  closed?: boolean;
  children: ReactNode;
}) {
  const { cards, put, closed } = props;
  const [held, pickUp] = useState<Placeable>();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: DRAGS_FROM } }),
  );
  const putDown = (card: Placeable, slot?: string) => {
    put(card, slot);
    pickUp(undefined);
  };
  const drop = ({ active, over }: DragEndEvent) => {
    const card = cards.find((c) => c.id === active.id);
    if (card && over) putDown(card, over.id === BENCH ? undefined : String(over.id));
  };
  return (
    <HandContext value={{ held, pickUp, put: putDown, closed }}>
      <DndContext sensors={sensors} onDragEnd={drop} accessibility={{ restoreFocus: false }}>
        {/* biome-ignore lint/a11y/noStaticElementInteractions: Escape anywhere among the cards puts one back */}
        <div
          className="contents"
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
      </DndContext>
    </HandContext>
  );
}

const BENCH = "bench";

/** Where the cards lie that are not placed. */
export function Bench(props: { label: string; cards: Placeable[]; done?: string }) {
  const { held, put, closed } = useContext(HandContext);
  const { setNodeRef, isOver } = useDroppable({ id: BENCH });
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: by keyboard a card is put elsewhere from its place
    // biome-ignore lint/a11y/noStaticElementInteractions: pressing beside the cards puts one back
    <div
      ref={setNodeRef}
      onClick={(event) => {
        if (held && event.target === event.currentTarget && !closed) put(held);
      }}
      className={`flex min-h-[3.4em] flex-wrap items-center gap-[0.5em] rounded-[4px] border-2 border-dashed p-[0.4em] ${isOver ? "border-primary" : "border-line"}`}
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
export function CardButton(props: { card: Placeable; mark?: boolean }) {
  const { card, mark } = props;
  const { held, pickUp, closed } = useContext(HandContext);
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({
    id: card.id,
    disabled: closed,
  });
  const isHeld = held?.id === card.id;
  return (
    <button
      ref={setNodeRef}
      type="button"
      aria-pressed={closed ? undefined : isHeld}
      disabled={closed}
      {...listeners}
      onClick={() => pickUp(isHeld ? undefined : card)}
      style={
        transform
          ? { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 20 }
          : undefined
      }
      className={`relative min-h-11 touch-none rounded-[14px] border-[3px] bg-card px-[0.7em] py-[0.25em] text-start text-[length:var(--card-text)] font-medium [overflow-wrap:anywhere] ${borderOf(mark, isHeld)} ${closed ? "" : "cursor-grab shadow-lift"} ${isDragging ? "opacity-90" : ""}`}
    >
      <span data-read>
        <Rich words={card.text} still />
      </span>
      <PartMark right={mark} />
    </button>
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

/** A place for cards: a press puts the card there that is picked up. */
export function Slot(props: {
  id: string;
  /** What it is called when something is put there. */
  name: string;
  cards: Placeable[];
  marks?: (card: Placeable) => boolean | undefined;
  className?: string;
  empty?: string;
}) {
  const { id, name, cards, marks } = props;
  const { held, put, closed } = useContext(HandContext);
  const { setNodeRef, isOver } = useDroppable({ id, disabled: closed });
  const takes = held !== undefined && !closed && !cards.some((card) => card.id === held.id);
  return (
    <span
      ref={setNodeRef}
      className={`${props.className ?? ""} rounded-[14px] border-2 border-dashed p-[0.2em] ${isOver || takes ? "border-primary bg-primary/10" : "border-edge"}`}
    >
      {cards.map((card) => (
        <CardButton key={card.id} card={card} mark={marks?.(card)} />
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
