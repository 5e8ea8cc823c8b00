import { ChevronDown, ChevronUp } from "lucide-react";
import { type CSSProperties, useRef, useState } from "react";
import type { Choice } from "../../generated/types";
import { MediaRow, Rich } from "../../rich/Rich";
import { mediaOf, plainOf } from "../../rich/words";
import { asItLies } from "../../stage/stage";
import { slotUnder, useDrags } from "../../ui/drags";
import { words } from "../../words/learner";
import { type AnswerProps, isClosed } from "./answerProps";
import { PartMark } from "./placing";
import { UndoStep, useSteps } from "./steps";
import "./sorting.css";

/** Cards to put in order: dragged, or moved a place up or down by their buttons. */
export function OrderField(props: AnswerProps) {
  const { question, showing, given } = props;
  const { give, undo } = useSteps(`${question.id} ${question.attempt}`, given, props.give);
  const [moved, setMoved] = useState("");
  const list = useRef<HTMLOListElement>(null);
  const said = showing.feedback?.response ?? given ?? asItLies(question);
  const ids = said?.kind === "ordered" ? said.cards : [];
  const cards = ids.flatMap((id) => question.choices.find((card) => card.id === id) ?? []);
  const closed = isClosed(props);
  const move = (from: number, to: number) => {
    const card = ids[from];
    if (to < 0 || to >= ids.length || from === to || card === undefined) return;
    give({ kind: "ordered", cards: ids.toSpliced(from, 1).toSpliced(to, 0, card) });
    setMoved(words.game.ordered(plainOf(cards[from]?.text ?? ""), to + 1, ids.length));
  };
  const start = useDrags({
    closed,
    slotAt: (x, y) => slotUnder(list.current, x, y),
    drop: (id, slot) => move(ids.indexOf(id), Number((slot as HTMLElement).dataset.slot)),
  });
  return (
    <>
      <ol
        ref={list}
        className="card-field grid gap-[0.4em]"
        data-long={cards.length > 6}
        style={{ "--rows": Math.ceil(cards.length / 2) } as CSSProperties}
        onPointerDown={start}
      >
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
      {!closed && <UndoStep undo={undo} />}
      <p className="sr-only" role="status">
        {moved}
      </p>
    </>
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
  const border = mark === undefined ? "border-line" : mark ? "border-success" : "border-error";
  return (
    <li
      data-slot={place}
      data-card={closed ? undefined : card.id}
      data-inked={`card ${card.id}`}
      className={`relative flex items-center gap-[0.5em] rounded-[14px] border-[3px] bg-card pl-[0.7em] data-dragging:z-20 data-dragging:opacity-90 data-over:border-primary ${border} ${closed ? "" : "shadow-lift"}`}
    >
      <span className="w-[1.4em] shrink-0 text-soft">{place + 1}</span>
      <span
        className={`min-h-11 min-w-0 flex-1 py-[0.35em] text-[length:var(--card-text)] font-medium [overflow-wrap:anywhere] ${closed ? "" : "cursor-grab touch-none"}`}
      >
        <span data-read>
          <Rich words={card.text} still />
        </span>
        <PartMark right={mark} />
      </span>
      <MediaRow media={mediaOf(card.text).filter((medium) => medium.kind === "sound")} />
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
