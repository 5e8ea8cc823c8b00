import type { Placing as Placed, ResponseUnion } from "../../generated/types";
import { Rich } from "../../rich/Rich";
import { plainOf } from "../../rich/words";
import { words } from "../../words/learner";
import { type AnswerProps, isClosed } from "./answerProps";
import { Bench, type Placeable, Placing, Slot } from "./placing";

/** Partners to bring together: each target has a place for one card beside it. */
export function PairsField(props: AnswerProps) {
  const { question } = props;
  const placing = usePlacings(props, true);
  return (
    <Placing cards={question.choices} put={placing.put} closed={isClosed(props)}>
      <div className="card-field flex flex-col gap-[var(--gap)]">
        <ul className="grid gap-[0.5em]">
          {question.targets.map((target) => (
            <li
              key={target.id}
              className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] items-stretch gap-[0.5em]"
            >
              <span className="flex items-center rounded-[4px] border-l-4 border-accent bg-card px-[0.7em] py-[0.3em] text-[length:var(--card-text)] font-medium [overflow-wrap:anywhere]">
                <span data-read>
                  <Rich words={target.text} still />
                </span>
              </span>
              <Slot
                id={target.id}
                name={words.game.beside(plainOf(target.text))}
                cards={placing.at(target.id)}
                marks={() => placing.mark(target.id)}
                empty={words.game.empty}
                className="flex items-center"
              />
            </li>
          ))}
        </ul>
        <Bench label={words.game.cards} cards={placing.free} done={words.game.allPlaced} />
      </div>
    </Placing>
  );
}

/** Groups with places for any number of cards. */
export function GroupsField(props: AnswerProps) {
  const { question } = props;
  const placing = usePlacings(props, false);
  return (
    <Placing cards={question.choices} put={placing.put} closed={isClosed(props)}>
      <div className="card-field flex flex-col gap-[var(--gap)]">
        <div className="grid flex-1 grid-cols-[repeat(auto-fit,minmax(min(100%,9em),1fr))] gap-[0.6em]">
          {question.targets.map((target) => (
            <div key={target.id} className="flex flex-col gap-[0.3em]">
              <p className="font-semibold [overflow-wrap:anywhere]">
                <span data-read>
                  <Rich words={target.text} still />
                </span>
              </p>
              <Slot
                id={target.id}
                name={plainOf(target.text)}
                cards={placing.at(target.id)}
                marks={(card) => placing.mark(card.id)}
                empty={words.game.empty}
                className="flex min-h-[5em] flex-1 flex-wrap content-start items-start gap-[0.3em]"
              />
            </div>
          ))}
        </div>
        <Bench label={words.game.cards} cards={placing.free} done={words.game.allPlaced} />
      </div>
    </Placing>
  );
}

/** What lies where, and how it was marked. */
function usePlacings(props: AnswerProps, single: boolean) {
  const { question, showing, given, give } = props;
  const said: ResponseUnion | undefined = showing.feedback?.response ?? given;
  const placings: Placed[] = said?.kind === "placed" ? said.placings : [];
  const parts = showing.feedback?.parts ?? [];
  return {
    at: (target: string): Placeable[] =>
      question.choices.filter((card) =>
        placings.some((p) => p.card === card.id && p.target === target),
      ),
    free: question.choices.filter((card) => !placings.some((p) => p.card === card.id)),
    mark: (id: string) => parts.find((part) => part.id === id)?.right,
    put: (card: Placeable, target?: string) => {
      const others = placings.filter((p) => p.card !== card.id && !(single && p.target === target));
      const placed = target === undefined ? others : [...others, { card: card.id, target }];
      give(placed.length > 0 ? { kind: "placed", placings: placed } : undefined);
    },
  };
}
