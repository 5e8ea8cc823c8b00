import { useRef } from "react";
import { randomId } from "../../engine/randomId";
import type { Card, Matching, Ordering, Sortable, Sorting } from "../../generated/types";
import { words } from "../../words/en";
import type { FieldsProps } from "./KindFields";
import { LINE_FIELD, Part, Rows } from "./rows";

const MOST_CARDS = 40;
const MOST_GROUPS = 8;

/** Cards with these texts: what stood there before keeps its id. */
const withTexts = (cards: Card[], texts: string[]): Card[] =>
  texts.map((text, i) => ({ id: randomId(), ...cards[i], text }));

/** Cards, written in the right order. */
export function OrderFields({ question, change, next }: FieldsProps<Ordering>) {
  const { cards } = question;
  return (
    <Part title={words.sheet.cards}>
      <Rows
        texts={cards.map((card) => card.text)}
        most={MOST_CARDS}
        label={(i) => words.sheet.card(i + 1)}
        placeholder={() => words.sheet.cardAdd}
        change={(texts, place) => change({ cards: withTexts(cards, texts) }, `card ${place}`)}
        remove={(place) => change({ cards: cards.toSpliced(place, 1) })}
        next={next}
        sign={(i) => <span className="w-5 text-right text-sm text-soft">{i + 1}</span>}
      />
    </Part>
  );
}

/** Partners, side by side. */
export function PairsFields({ question, change, next }: FieldsProps<Matching>) {
  const { pairs } = question;
  const card = (text: string) => ({ id: randomId(), text });
  return (
    <div className="py-1 pl-6">
      <Rows
        texts={pairs.map((pair) => pair.left.text)}
        most={MOST_CARDS}
        label={(i) => words.sheet.left(i + 1)}
        placeholder={() => words.sheet.leftAdd}
        change={(texts, place) =>
          change(
            {
              pairs: texts.map((text, i) => {
                const pair = pairs[i] ?? { left: card(""), right: card("") };
                return { ...pair, left: { ...pair.left, text } };
              }),
            },
            `left ${place}`,
          )
        }
        remove={(place) => change({ pairs: pairs.toSpliced(place, 1) })}
        next={next}
        beside={(i) => (
          <input
            aria-label={words.sheet.rightSide(i + 1)}
            placeholder={words.sheet.rightAdd}
            value={pairs[i]?.right.text ?? ""}
            maxLength={300}
            className={LINE_FIELD}
            onChange={(event) =>
              change(
                {
                  pairs: pairs.map((pair, at) =>
                    at === i
                      ? { ...pair, right: { ...pair.right, text: event.target.value } }
                      : pair,
                  ),
                },
                `right ${i}`,
              )
            }
          />
        )}
      />
    </div>
  );
}

/** Groups, and the cards that belong to each: one on each line. */
export function GroupsFields({ question, change, next }: FieldsProps<Sorting>) {
  const { groups, cards } = question;
  return (
    <>
      <Part title={words.sheet.groups}>
        <Rows
          texts={groups.map((group) => group.text)}
          most={MOST_GROUPS}
          label={(i) => words.sheet.group(i + 1)}
          placeholder={() => words.sheet.groupAdd}
          change={(texts, place) => change({ groups: withTexts(groups, texts) }, `group ${place}`)}
          remove={(place) => {
            const gone = groups[place]?.id;
            change({
              groups: groups.toSpliced(place, 1),
              cards: cards.filter((c) => c.groups.some((g) => g !== gone)),
            });
          }}
          next={next}
        />
      </Part>
      <div className="grid gap-2 pl-6 sm:grid-cols-2">
        {groups.map((group) => (
          <GroupCards
            key={group.id}
            group={group}
            cards={cards}
            change={(changed) => change({ cards: changed }, `cards ${group.id}`)}
          />
        ))}
      </div>
    </>
  );
}

function GroupCards(props: {
  group: Card;
  cards: Sortable[];
  change: (cards: Sortable[]) => void;
}) {
  const { group, cards, change } = props;
  const mine = cards.filter((card) => card.groups[0] === group.id);
  // An empty line at the end is being written: no card stands for it yet.
  const typed = useRef("");
  const kept = mine.map((card) => card.text).join("\n");
  const text = typed.current.trimEnd() === kept ? typed.current : kept;
  const write = (value: string) => {
    typed.current = value;
    const lines = value.split("\n").filter((line) => line.trim());
    const changed = lines
      .slice(0, MOST_CARDS)
      .map((line, i) => ({ id: randomId(), groups: [group.id], ...mine[i], text: line }));
    const first = cards.findIndex((card) => card.groups[0] === group.id);
    const others = cards.filter((card) => card.groups[0] !== group.id);
    change(others.toSpliced(first < 0 ? others.length : first, 0, ...changed));
  };
  return (
    <label>
      <span className="block text-sm text-soft">{words.sheet.groupCards(group.text)}</span>
      <textarea
        rows={Math.max(3, mine.length + 1)}
        value={text}
        placeholder={words.sheet.cardsPlaceholder}
        className="w-full rounded-[14px] border border-edge bg-card px-3 py-2"
        onChange={(event) => write(event.target.value)}
      />
    </label>
  );
}
