import { Link } from "react-router";
import { nameOfGame, partsOf } from "../games";
import type { ActivityCard } from "../generated/types";
import { words } from "../words/en";
import { CardActions } from "./CardActions";
import { Cover } from "./Cover";

/** One activity in the list: its cover opens it, its actions mean it as a whole. */
export function Card(props: {
  card: ActivityCard;
  removed: boolean;
  bringBack: () => void;
  /** Says what was done; with the card where that can be undone. */
  done: (text: string, undo?: ActivityCard) => void;
}) {
  const { card, removed, bringBack, done } = props;
  const content = (
    <>
      <Cover card={card} />
      <span className="flex flex-1 flex-col gap-1 p-4 pb-2">
        <span className="font-display text-lg leading-snug font-semibold [overflow-wrap:anywhere]">
          {card.title || words.activities.untitled}
        </span>
        <span className="text-soft">{factsOf(card)}</span>
        <span className="text-soft">{words.activities.forWhom(card.year, card.subject)}</span>
        <Readiness card={card} />
      </span>
    </>
  );
  return (
    <article className="flex h-full flex-col overflow-hidden rounded-[14px] border border-line bg-card shadow-lift transition-shadow focus-within:border-edge hover:border-edge">
      {removed ? (
        <div className="flex flex-1 flex-col opacity-80">{content}</div>
      ) : (
        <Link to={`/activities/${card.id}`} className="flex flex-1 flex-col rounded-t-[14px]">
          {content}
        </Link>
      )}
      <div className="flex items-center justify-between pr-1.5 pb-1.5 pl-4">
        <span className="text-sm text-soft">
          {words.activities.changed(new Date(card.changedAt))}
        </span>
        {removed ? (
          <button type="button" className="btn btn-outline" onClick={bringBack}>
            {words.activities.bringBack}
          </button>
        ) : (
          <CardActions card={card} done={done} />
        )}
      </div>
    </article>
  );
}

const factsOf = ({ kind, questions }: ActivityCard) =>
  [nameOfGame(kind), partsOf(kind)?.counted(questions)].filter(Boolean).join(" · ");

function Readiness({ card }: { card: ActivityCard }) {
  if (!card.playable) {
    return (
      <span className="font-semibold text-error">
        <span aria-hidden="true">△ </span>
        {words.activities.notReady(card.findings)}
      </span>
    );
  }
  return (
    <span className="font-semibold text-success">
      <span aria-hidden="true">✓ </span>
      {words.activities.ready}
      {card.findings > 0 && ` · ${words.activities.lookAt(card.findings)}`}
    </span>
  );
}
