import { useRef } from "react";
import { ChoiceChip } from "../../build/chips";
import { randomId } from "../../engine/randomId";
import { limits } from "../../generated/limits";
import type { Card, Sortable, Sorting } from "../../generated/types";
import { plainOf, type Words } from "../../rich/words";
import { words } from "../../words/en";
import type { FieldsProps } from "./KindFields";
import { Part, Rows } from "./rows";

const MOST_CARDS = limits.Sorting.cards.most;
const MOST_RINGS = 6;

/** Cards with these texts: what stood there before keeps its id. */
const withTexts = (cards: Card[], texts: Words[]): Card[] =>
  texts.map((text, i) => ({ id: randomId(), ...cards[i], text }));

const blank = (groups: string[]): Sortable => ({
  id: randomId(),
  text: "",
  groups,
  either: false,
  nowhere: false,
});

/** Groups, and the cards that belong to each: one on each line, or card by card with its groups. */
export function GroupsFields({ question, change, next }: FieldsProps<Sorting>) {
  const { groups, rows, cards, arrangement = "columns" } = question;
  const table = arrangement === "table";
  const box = useRef<HTMLDivElement>(null);
  const several = cards.some((card) => card.groups.length > 1 || card.nowhere);
  const byCard = arrangement !== "columns" || question.outside || several;
  /** To where the next card of a group is written; past the last group to the next question. */
  const toCards = (group: number) => {
    const lines = box.current?.children[group]?.querySelectorAll<HTMLElement>("[data-row]");
    const line = lines?.[lines.length - 1];
    if (line) line.focus();
    else next();
  };
  const lines = (
    which: "groups" | "rows",
    list: Card[],
    title: string,
    label: (n: number) => string,
    add: string,
  ) => (
    <Part title={title}>
      <Rows
        rich
        still
        texts={list.map((group) => group.text)}
        most={arrangement === "rings" ? MOST_RINGS : limits.Sorting.groups.most}
        label={label}
        placeholder={() => add}
        change={(texts, place) => change({ [which]: withTexts(list, texts) }, `${which} ${place}`)}
        remove={(place) => {
          const gone = list[place]?.id;
          change({
            [which]: list.toSpliced(place, 1),
            cards: cards.map((card) => ({
              ...card,
              groups: card.groups.filter((group) => group !== gone),
            })),
          });
        }}
        next={() => toCards(0)}
      />
    </Part>
  );
  return (
    <>
      <SortingSentence question={question} change={change} />
      {lines(
        "groups",
        groups,
        table ? words.sheet.columns : words.sheet.groups,
        words.sheet.group,
        table ? words.sheet.columnAdd : words.sheet.groupAdd,
      )}
      {table && lines("rows", rows, words.sheet.rows, words.sheet.row, words.sheet.rowAdd)}
      {byCard ? (
        <div ref={box}>
          <CardsByOne question={question} change={change} next={next} />
        </div>
      ) : (
        <>
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
          {cards.length > 0 && groups.length > 1 && (
            <button
              type="button"
              className="btn btn-ghost btn-sm ml-5 text-soft"
              onClick={() => change({ outside: true })}
            >
              {words.sheet.severalGroups}
            </button>
          )}
        </>
      )}
    </>
  );
}

/** How the groups lie and when a card is marked, as a sentence. */
function SortingSentence({ question, change }: Omit<FieldsProps<Sorting>, "next">) {
  const { arrangement = "columns", outside, atOnce, misplaced, groups } = question;
  const names = { ...words.sheet.arrangements };
  if (groups.length > MOST_RINGS) delete (names as Partial<typeof names>).rings;
  const { sorted } = words.sheet;
  return (
    <p className="py-1 pl-6 leading-loose">
      {sorted.into}{" "}
      <ChoiceChip
        label={sorted.intoLabel}
        names={names}
        value={arrangement}
        change={(value) => change({ arrangement: value === "columns" ? undefined : value })}
      />
      {arrangement !== "rings" && (
        <>
          {"; "}
          <ChoiceChip
            label={sorted.outsideLabel}
            names={sorted.outside}
            value={outside ? "yes" : "no"}
            change={(value) => change({ outside: value === "yes" })}
          />
        </>
      )}
      {". "}
      {sorted.marked}{" "}
      <ChoiceChip
        label={sorted.markedLabel}
        names={sorted.when}
        value={atOnce ? "at-once" : "on-demand"}
        change={(value) => change({ atOnce: value === "at-once" })}
      />
      {"; "}
      <ChoiceChip
        label={sorted.wrongLabel}
        names={atOnce ? sorted.wrongAtOnce : sorted.wrong}
        value={misplaced ?? (atOnce ? "stays" : "unsaid")}
        change={(value) => change({ misplaced: value === "unsaid" ? undefined : value })}
      />
      .
    </p>
  );
}

/** Card by card, each with the groups that it belongs to. */
function CardsByOne({ question, change, next }: FieldsProps<Sorting>) {
  const { groups, rows, cards, arrangement, outside } = question;
  const targets = arrangement === "table" ? [...groups, ...rows] : groups;
  const rings = arrangement === "rings";
  const set = (place: number, part: Partial<Sortable>) =>
    change({ cards: cards.map((card, i) => (i === place ? { ...card, ...part } : card)) });
  const turn = (place: number, group: string) => {
    const there = cards[place]?.groups ?? [];
    set(place, {
      nowhere: false,
      groups: there.includes(group) ? there.filter((other) => other !== group) : [...there, group],
    });
  };
  return (
    <Part title={rings ? words.sheet.cardsInRings : words.sheet.cardsAndGroups}>
      <Rows
        rich
        texts={cards.map((card) => card.text)}
        most={MOST_CARDS}
        label={words.sheet.card}
        placeholder={() => words.sheet.cardAdd}
        change={(texts, place) =>
          change(
            { cards: texts.map((text, i) => ({ ...(cards[i] ?? blank([])), text })) },
            `card ${place}`,
          )
        }
        remove={(place) => change({ cards: cards.toSpliced(place, 1) })}
        next={next}
        beside={(place) => {
          const card = cards[place];
          return (
            <span className="flex max-w-[60%] flex-wrap justify-end gap-1">
              {targets.map((group) => (
                <GroupToggle
                  key={group.id}
                  name={plainOf(group.text)}
                  on={!card?.nowhere && (card?.groups.includes(group.id) ?? false)}
                  turn={() => turn(place, group.id)}
                />
              ))}
              {(rings || outside) && (
                <GroupToggle
                  name={words.sheet.noGroup}
                  on={card?.nowhere ?? false}
                  turn={() => set(place, { nowhere: !card?.nowhere, groups: [] })}
                />
              )}
              {rings && (card?.groups.length ?? 0) > 1 && (
                <GroupToggle
                  name={words.sheet.eitherRing}
                  on={card?.either ?? false}
                  turn={() => set(place, { either: !card?.either })}
                />
              )}
            </span>
          );
        }}
      />
    </Part>
  );
}

function GroupToggle({ name, on, turn }: { name: string; on: boolean; turn: () => void }) {
  if (!name.trim()) return null;
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={turn}
      className={`min-h-9 rounded-[14px] border px-2 text-sm ${on ? "border-primary bg-primary/12 font-semibold text-primary" : "border-line text-soft"}`}
    >
      {on && <span aria-hidden="true">✓ </span>}
      {name}
    </button>
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
    const changed = texts.map((text, i) => ({ ...(mine[i] ?? blank([group.id])), text }));
    const first = cards.findIndex((card) => card.groups[0] === group.id);
    const others = cards.filter((card) => card.groups[0] !== group.id);
    change(others.toSpliced(first < 0 ? others.length : first, 0, ...changed), place);
  };
  return (
    <Part title={words.sheet.groupCards(name)}>
      <Rows
        rich
        texts={mine.map((card) => card.text)}
        most={MOST_CARDS - cards.length + mine.length}
        label={(n) => words.sheet.groupCard(n, name)}
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
