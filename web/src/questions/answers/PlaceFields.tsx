import { useState } from "react";
import type { Choice, Placing as Placed, ResponseUnion } from "../../generated/types";
import { Rich } from "../../rich/Rich";
import { plainOf } from "../../rich/words";
import { words } from "../../words/learner";
import { type AnswerProps, isClosed } from "./answerProps";
import { Bench, type Placeable, Placing, Slot } from "./placing";
import { RingsSheet, ringSlot } from "./RingsSheet";
import { keyOf, NOWHERE, placeName, placingsOf, type SortingPlaces, sheetOf } from "./sorting";
import { UndoStep, useSteps } from "./steps";
import "./sorting.css";

/** Partners to bring together: each target has a place beside it, for one card or for any number. */
export function PairsField(props: AnswerProps) {
  const { question, showing } = props;
  const many = question.choices.length > question.targets.length;
  const placing = usePlacings(props, !many);
  const parts = showing.feedback?.parts ?? [];
  const mark = (id: string) => parts.find((part) => part.id === id)?.right;
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
                  <Rich words={target.text} />
                </span>
              </span>
              <Slot
                id={target.id}
                name={words.game.beside(plainOf(target.text))}
                cards={placing.at(target.id)}
                marks={(card) => mark(many ? card.id : target.id)}
                empty={words.game.empty}
                className="flex flex-wrap items-center gap-[0.3em]"
              />
            </li>
          ))}
        </ul>
        <Bench label={words.game.cards} cards={placing.free} done={words.game.allPlaced} />
        {!isClosed(props) && <UndoStep undo={placing.undo} />}
      </div>
    </Placing>
  );
}

/** What lies beside what. */
function usePlacings(props: AnswerProps, single: boolean) {
  const { question, showing, given } = props;
  const { give, undo } = useSteps(`${question.id} ${question.attempt}`, given, props.give);
  const said: ResponseUnion | undefined = showing.feedback?.response ?? given;
  const placings: Placed[] = said?.kind === "placed" ? said.placings : [];
  return {
    undo,
    at: (target: string): Placeable[] =>
      question.choices.filter((card) =>
        placings.some((p) => p.card === card.id && p.target === target),
      ),
    free: question.choices.filter((card) => !placings.some((p) => p.card === card.id)),
    put: (card: Placeable, target?: string) => {
      const others = placings.filter((p) => p.card !== card.id && !(single && p.target === target));
      const placed = target === undefined ? others : [...others, { card: card.id, target }];
      give(placed.length > 0 ? { kind: "placed", placings: placed } : undefined);
    },
  };
}

/** Groups as columns, as rings that overlap, or as a table, with places for any number of cards. */
export function GroupsField(props: AnswerProps) {
  const { question } = props;
  const sheet = sheetOf(question);
  const sorting = useSorting(props, sheet);
  const closed = isClosed(props);
  const slot = (key: string, name: string, className: string, empty = words.game.empty) => (
    <Slot
      id={key}
      name={name}
      cards={sorting.at(key)}
      marks={sorting.mark}
      fixed={sorting.fixed}
      scrolls
      empty={empty}
      className={className}
    />
  );
  const outside = sheet.places.some((place) => place.groups.length === 0);
  return (
    <Placing
      cards={question.choices}
      put={sorting.put}
      closed={closed}
      slotAt={(element, x, y) => ringSlot(sheet, element, x, y)}
    >
      <div
        className="card-field sorting"
        data-arrangement={sheet.arrangement}
        data-crowd={crowd(question.choices.length)}
      >
        {sheet.arrangement === "columns" && (
          <div className="sorting-columns">
            {question.targets.map((target) => (
              <div key={target.id} className="flex min-w-0 flex-col gap-[0.3em]">
                <GroupName group={target} />
                {slot(target.id, plainOf(target.text), "sorting-slot flex-1")}
              </div>
            ))}
          </div>
        )}
        {sheet.arrangement === "rings" && (
          <RingsSheet
            question={question}
            sheet={sheet}
            slot={(key, name) => slot(key, name, "sorting-slot", "")}
          />
        )}
        {sheet.arrangement === "table" && (
          <Table
            columns={question.targets.slice(0, sheet.columns)}
            rows={question.targets.slice(sheet.columns)}
            slot={(key, name) => slot(key, name, "sorting-slot")}
          />
        )}
        <div className="sorting-aside">
          <Bench label={words.game.cards} cards={sorting.free} done={words.game.allPlaced} />
          {outside && (
            <div className="sorting-outside">
              <span className="sorting-outside-name text-[length:var(--small)] text-soft">
                {words.game.nowhere}
              </span>
              {slot(NOWHERE, words.game.nowhere, "sorting-slot flex-1")}
            </div>
          )}
          {!closed && !sheet.atOnce && <UndoStep undo={sorting.undo} />}
        </div>
      </div>
      <p className="sr-only" role="status">
        {sorting.said}
      </p>
    </Placing>
  );
}

/** Many cards are smaller, so that all are in sight. */
const crowd = (cards: number) => (cards > 36 ? "crowd" : cards > 14 ? "many" : "few");

function GroupName({ group }: { group: Choice }) {
  return (
    <p className="font-semibold [overflow-wrap:anywhere]">
      <span data-read>
        <Rich words={group.text} still />
      </span>
    </p>
  );
}

function Table(props: {
  columns: Choice[];
  rows: Choice[];
  slot: (key: string, name: string) => React.ReactNode;
}) {
  const { columns, rows, slot } = props;
  return (
    <table className="sorting-table">
      <thead>
        <tr>
          <td />
          {columns.map((column) => (
            <th key={column.id} scope="col">
              <GroupName group={column} />
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.id}>
            <th scope="row">
              <GroupName group={row} />
            </th>
            {columns.map((column) => (
              <td key={column.id}>
                {slot(
                  keyOf([column.id, row.id]),
                  words.game.both(plainOf(column.text), plainOf(row.text)),
                )}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What lies where, and what becomes of a card that is put somewhere. */
function useSorting(props: AnswerProps, sheet: SortingPlaces) {
  const { question, showing, given, act } = props;
  const { give, undo } = useSteps(`${question.id} ${question.attempt}`, given, props.give);
  const { feedback } = showing;
  // In the end what was laid one by one lies where it came to, not where it lay first.
  const answered = sheet.atOnce ? undefined : feedback?.response;
  const said = answered ?? given;
  const placings = said?.kind === "placed" ? said.placings : sheet.lying;
  const marks = sheet.atOnce || !feedback ? sheet.marks : feedback.parts;
  const at = new Map<string, string>();
  for (const card of question.choices) {
    const groups = placings.filter((p) => p.card === card.id).map((p) => p.target);
    if (groups.length > 0) at.set(card.id, keyOf(groups));
  }
  const where = (key: string | undefined) =>
    key === undefined ? words.game.cards : placeName(question, key);
  const [last, setLast] = useState<{ card: Placeable; key?: string }>();
  const put = (card: Placeable, key?: string) => {
    if (key === at.get(card.id)) return;
    setLast({ card, key });
    if (sheet.atOnce) {
      if (key === undefined) return;
      act({
        kind: "lay",
        question: question.id,
        attempt: question.attempt,
        placings: placingsOf(card.id, key),
      });
      return;
    }
    const others = placings.filter((p) => p.card !== card.id);
    const placed = key === undefined ? others : [...others, ...placingsOf(card.id, key)];
    give(placed.length > 0 ? { kind: "placed", placings: placed } : undefined);
  };
  const mark = (card: Placeable) => {
    const right = marks.find((part) => part.id === card.id)?.right;
    // What is moved after it was marked is not marked where it lies now.
    const moved = given !== undefined && !feedback;
    return moved && !right ? undefined : right;
  };
  return {
    undo,
    at: (key: string): Placeable[] => question.choices.filter((card) => at.get(card.id) === key),
    free: question.choices.filter((card) => !at.has(card.id)),
    mark,
    fixed: (card: Placeable) =>
      sheet.atOnce && marks.some((part) => part.id === card.id && at.has(card.id)),
    put,
    said: last
      ? [
          words.game.laid(plainOf(last.card.text), where(last.key)),
          sheet.atOnce && verdictOf(sheet, last.card),
        ]
          .filter(Boolean)
          .join(": ")
      : "",
  };
}

function verdictOf(sheet: SortingPlaces, card: Placeable) {
  const mark = sheet.marks.find((part) => part.id === card.id);
  if (mark) return mark.right ? words.game.partRight : words.game.partWrong;
  return words.game.wentBack;
}
