import { closestCenter, DndContext, PointerSensor, useSensor, useSensors } from "@dnd-kit/core";
import {
  arrayMove,
  SortableContext,
  useSortable,
  verticalListSortingStrategy,
} from "@dnd-kit/sortable";
import { ChevronDown, ChevronUp } from "lucide-react";
import { useState } from "react";
import type { Choice } from "../../generated/types";
import { Rich } from "../../rich/Rich";
import { plainOf } from "../../rich/words";
import { answerOf } from "../../stage/stage";
import { words } from "../../words/learner";
import { type AnswerProps, isClosed } from "./answerProps";
import { PartMark } from "./placing";

/** Cards to put in order: dragged, or moved a place up or down by their buttons. */
export function OrderField(props: AnswerProps) {
  const { question, showing, given, give } = props;
  const [moved, setMoved] = useState("");
  const said = showing.feedback?.response ?? answerOf(question, given);
  const ids = said?.kind === "ordered" ? said.cards : [];
  const cards = ids.flatMap((id) => question.choices.find((card) => card.id === id) ?? []);
  const closed = isClosed(props);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const move = (from: number, to: number) => {
    if (to < 0 || to >= ids.length || from === to) return;
    give({ kind: "ordered", cards: arrayMove(ids, from, to) });
    setMoved(words.game.ordered(plainOf(cards[from]?.text ?? ""), to + 1, ids.length));
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={({ active, over }) =>
        over && move(ids.indexOf(String(active.id)), ids.indexOf(String(over.id)))
      }
    >
      <SortableContext items={ids} strategy={verticalListSortingStrategy} disabled={closed}>
        <ol className="card-field grid gap-[0.4em]">
          {cards.map((card, place) => (
            <Row
              key={card.id}
              card={card}
              place={place}
              last={place === cards.length - 1}
              closed={closed}
              mark={showing.feedback?.parts.find((part) => part.id === card.id)?.right}
              move={(by) => move(place, place + by)}
            />
          ))}
        </ol>
      </SortableContext>
      <p className="sr-only" role="status">
        {moved}
      </p>
    </DndContext>
  );
}

function Row(props: {
  card: Choice;
  place: number;
  last: boolean;
  closed?: boolean;
  mark?: boolean;
  move: (by: 1 | -1) => void;
}) {
  const { card, place, last, closed, mark, move } = props;
  const { setNodeRef, listeners, transform, transition, isDragging } = useSortable({
    id: card.id,
    disabled: closed,
  });
  const border = mark === undefined ? "border-line" : mark ? "border-success" : "border-error";
  return (
    <li
      ref={setNodeRef}
      style={{
        transform: transform ? `translateY(${transform.y}px)` : undefined,
        transition,
        zIndex: isDragging ? 20 : undefined,
      }}
      className={`relative flex items-center gap-[0.5em] rounded-[14px] border-[3px] bg-card pl-[0.7em] ${border} ${closed ? "" : "shadow-lift"}`}
    >
      <span className="w-[1.4em] shrink-0 text-soft">{place + 1}</span>
      <span
        {...listeners}
        className={`min-h-11 min-w-0 flex-1 touch-none py-[0.35em] text-[length:var(--card-text)] font-medium [overflow-wrap:anywhere] ${closed ? "" : "cursor-grab"}`}
      >
        <span data-read>
          <Rich words={card.text} still />
        </span>
        <PartMark right={mark} />
      </span>
      {!closed && (
        <span className="flex shrink-0">
          <button
            type="button"
            aria-label={words.game.up(plainOf(card.text))}
            disabled={place === 0}
            className="grid size-11 cursor-pointer place-items-center rounded-[14px] disabled:opacity-30 @min-[1100px]/stage:size-14"
            onClick={() => move(-1)}
          >
            <ChevronUp aria-hidden="true" className="size-[1.4em]" />
          </button>
          <button
            type="button"
            aria-label={words.game.down(plainOf(card.text))}
            disabled={last}
            className="grid size-11 cursor-pointer place-items-center rounded-[14px] disabled:opacity-30 @min-[1100px]/stage:size-14"
            onClick={() => move(1)}
          >
            <ChevronDown aria-hidden="true" className="size-[1.4em]" />
          </button>
        </span>
      )}
    </li>
  );
}
