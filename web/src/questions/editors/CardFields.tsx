import { X } from "lucide-react";
import { randomId } from "../../engine/randomId";
import { limits } from "../../generated/limits";
import type { Card, Matching, Ordering, Ranked } from "../../generated/types";
import { WordsField } from "../../rich/WordsField";
import { plainOf } from "../../rich/words";
import { words } from "../../words/en";
import type { FieldsProps } from "./KindFields";
import { Choice, LINE_FIELD, Part, Rows } from "./rows";

const MOST_CARDS = limits.Ordering.cards.most;

const ALL = "all";
const LEVEL = "level";

/** What a card has to come after: all above it, what the one above comes after, or one alone. */
const followOf = (card?: Ranked) => (card?.level ? LEVEL : (card?.after[0] ?? ALL));

/** What is counted in an order that is right in part. */
export function ScoringChoice({ question, change }: Omit<FieldsProps<Ordering>, "next">) {
  return (
    <Choice
      label={words.sheet.scoringLabel}
      text={words.sheet.scoring}
      names={words.sheet.scorings}
      value={question.scoring ?? "places"}
      change={(scoring) => change({ scoring: scoring === "places" ? undefined : scoring })}
    />
  );
}

/** Cards, written in a right order; what need not come after all above it says so. */
export function OrderFields({ question, change, next }: FieldsProps<Ordering>) {
  const { cards } = question;
  const follow = (place: number, how: string) =>
    change({
      cards: cards.map((card, i) =>
        i === place
          ? { ...card, level: how === LEVEL, after: how === ALL || how === LEVEL ? [] : [how] }
          : card,
      ),
    });
  return (
    <Part title={words.sheet.cards}>
      <Rows
        rich
        texts={cards.map((card) => card.text)}
        most={MOST_CARDS}
        label={words.sheet.card}
        placeholder={() => words.sheet.cardAdd}
        change={(texts, place) =>
          change(
            {
              cards: texts.map((text, i) => ({
                id: randomId(),
                level: false,
                after: [],
                ...cards[i],
                text,
              })),
            },
            `card ${place}`,
          )
        }
        remove={(place) => change({ cards: cards.toSpliced(place, 1) })}
        beside={(place) =>
          place > 0 && (
            <select
              tabIndex={-1}
              aria-label={words.sheet.follows.label(place + 1)}
              className="h-9 max-w-[45%] rounded-[14px] border border-line bg-card px-2 text-sm text-soft"
              value={followOf(cards[place])}
              onChange={(event) => follow(place, event.target.value)}
            >
              <option value={ALL}>{words.sheet.follows.all}</option>
              <option value={LEVEL}>{words.sheet.follows.level}</option>
              {cards.slice(0, place).map((card) => (
                <option key={card.id} value={card.id}>
                  {words.sheet.follows.only(plainOf(card.text))}
                </option>
              ))}
            </select>
          )
        }
        next={next}
        sign={(i) => <span className="w-5 text-right text-sm text-soft">{i + 1}</span>}
      />
    </Part>
  );
}

const LONGEST = 300;

const blankPair = (left: Card, right: Card) => !plainOf(left.text) && !plainOf(right.text);

/** Partners, side by side. */
export function PairsFields({ question, change, next }: FieldsProps<Matching>) {
  const { pairs } = question;
  const card = (text: string) => ({ id: randomId(), text });
  return (
    <div className="py-1 pl-6">
      <Rows
        rich
        texts={pairs.map((pair) => pair.left.text)}
        most={MOST_CARDS}
        label={words.sheet.left}
        placeholder={() => words.sheet.leftAdd}
        of="pairs"
        putItems={(read) =>
          change({
            pairs: [
              ...pairs.filter(({ left, right }) => !blankPair(left, right)),
              ...read.map(({ names: [left = "", ...others] }) => ({
                left: card(left.slice(0, LONGEST)),
                right: card(others.join(", ").slice(0, LONGEST)),
                more: [],
              })),
            ].slice(0, MOST_CARDS),
          })
        }
        change={(texts, place) =>
          change(
            {
              pairs: texts.map((text, i) => {
                const pair = pairs[i] ?? { left: card(""), right: card(""), more: [] };
                return { ...pair, left: { ...pair.left, text } };
              }),
            },
            `left ${place}`,
          )
        }
        remove={(place) => change({ pairs: pairs.toSpliced(place, 1) })}
        next={next}
        beside={(i, field) => (
          <span className="grid min-w-0 flex-1">
            <WordsField
              {...field}
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
            <MorePartners
              place={i}
              cards={pairs[i]?.more ?? []}
              change={(more, key) =>
                change(
                  { pairs: pairs.map((pair, at) => (at === i ? { ...pair, more } : pair)) },
                  key,
                )
              }
            />
          </span>
        )}
      />
    </div>
  );
}

/** Further partners of the same card. */
function MorePartners(props: {
  place: number;
  cards: Card[];
  change: (cards: Card[], key?: string) => void;
}) {
  const { place, cards, change } = props;
  return (
    <>
      {cards.map((card, i) => (
        <span key={card.id} className="flex items-center">
          <WordsField
            label={words.sheet.moreSide(place + 1, i + 2)}
            placeholder={words.sheet.rightAdd}
            value={card.text}
            maxLength={300}
            className={LINE_FIELD}
            change={(text) =>
              change(
                cards.map((other) => (other.id === card.id ? { ...other, text } : other)),
                `more ${card.id}`,
              )
            }
          />
          <button
            type="button"
            className="btn btn-ghost btn-square btn-sm text-soft"
            aria-label={words.sheet.removeRow(words.sheet.moreSide(place + 1, i + 2))}
            onClick={() => change(cards.filter((other) => other.id !== card.id))}
          >
            <X size={16} aria-hidden="true" />
          </button>
        </span>
      ))}
      <button
        type="button"
        className="btn btn-ghost btn-xs min-h-8 self-start justify-self-start text-soft"
        onClick={() => change([...cards, { id: randomId(), text: "" }])}
      >
        {words.sheet.partnerAdd}
      </button>
    </>
  );
}
