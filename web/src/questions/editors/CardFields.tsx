import { useRef } from "react";
import { randomId } from "../../engine/randomId";
import { limits } from "../../generated/limits";
import type { Card, Matching, Ordering, Sortable, Sorting } from "../../generated/types";
import { WordsField } from "../../rich/WordsField";
import { plainOf, type Words } from "../../rich/words";
import { words } from "../../words/en";
import type { FieldsProps } from "./KindFields";
import { LINE_FIELD, Part, Rows } from "./rows";

const MOST_CARDS = limits.Ordering.cards.most;

/** Cards with these texts: what stood there before keeps its id. */
const withTexts = (cards: Card[], texts: Words[]): Card[] =>
  texts.map((text, i) => ({ id: randomId(), ...cards[i], text }));

/** Cards, written in the right order. */
export function OrderFields({ question, change, next }: FieldsProps<Ordering>) {
  const { cards } = question;
  return (
    <Part title={words.sheet.cards}>
      <Rows
        rich
        still
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
        rich
        still
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
        beside={(i, field) => (
          <WordsField
            {...field}
            still
            label={words.sheet.rightSide(i + 1)}
            placeholder={words.sheet.rightAdd}
            value={pairs[i]?.right.text ?? ""}
            maxLength={300}
            className={LINE_FIELD}
            change={(text) =>
              change(
                {
                  pairs: pairs.map((pair, at) =>
                    at === i ? { ...pair, right: { ...pair.right, text } } : pair,
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
  const box = useRef<HTMLDivElement>(null);
  /** To where the next card of a group is written; past the last group to the next question. */
  const toCards = (group: number) => {
    const rows = box.current?.children[group]?.querySelectorAll<HTMLElement>("[data-row]");
    const row = rows?.[rows.length - 1];
    if (row) row.focus();
    else next();
  };
  return (
    <>
      <Part title={words.sheet.groups}>
        <Rows
          rich
          still
          texts={groups.map((group) => group.text)}
          most={limits.Sorting.groups.most}
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
          next={() => toCards(0)}
        />
      </Part>
      <div ref={box} className="grid gap-x-4 sm:grid-cols-2">
        {groups.map((group, i) => (
          <GroupCards
            key={group.id}
            group={group}
            cards={cards}
            change={(changed, place) => change({ cards: changed }, `card ${group.id} ${place}`)}
            next={() => toCards(i + 1)}
          />
        ))}
      </div>
    </>
  );
}

/** The cards of a group; what else there is keeps its place among all cards. */
function GroupCards(props: {
  group: Card;
  cards: Sortable[];
  change: (cards: Sortable[], place: number) => void;
  next: () => void;
}) {
  const { group, cards, change, next } = props;
  const mine = cards.filter((card) => card.groups[0] === group.id);
  const name = plainOf(group.text);
  const write = (texts: Words[], place: number) => {
    const changed = texts.map((text, i) => ({
      id: randomId(),
      groups: [group.id],
      ...mine[i],
      text,
    }));
    const first = cards.findIndex((card) => card.groups[0] === group.id);
    const others = cards.filter((card) => card.groups[0] !== group.id);
    change(others.toSpliced(first < 0 ? others.length : first, 0, ...changed), place);
  };
  return (
    <Part title={words.sheet.groupCards(name)}>
      <Rows
        rich
        still
        texts={mine.map((card) => card.text)}
        most={MOST_CARDS - cards.length + mine.length}
        label={(i) => words.sheet.groupCard(i + 1, name)}
        placeholder={() => words.sheet.cardAdd}
        change={write}
        remove={(place) =>
          change(
            cards.filter((card) => card !== mine[place]),
            place,
          )
        }
        next={next}
      />
    </Part>
  );
}
