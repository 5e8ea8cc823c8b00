import { Fragment } from "react";
import type { Piece } from "../../generated/types";
import { plainOf } from "../../rich/words";
import { words } from "../../words/learner";
import { type AnswerProps, isClosed } from "./answerProps";
import { Bench, PartMark, type Placeable, Placing, Slot } from "./placing";

/** A text with gaps in it: filled from a bank, from a list at each, or by typing. */
export function GapsField(props: AnswerProps) {
  const { question, showing, given, give } = props;
  const said = showing.feedback?.response ?? given;
  const gaps = question.pieces.filter((piece) => piece.text === undefined);
  const filled = said?.kind === "filled" ? said.words : gaps.map(() => "");
  const closed = isClosed(props);
  const fill = (words: string[]) =>
    give(words.some((word) => word) ? { kind: "filled", words } : undefined);
  const mark = (place: number) =>
    showing.feedback?.parts.find((part) => part.id === `gap ${place + 1}`)?.right;
  const setAt = (place: number, word: string) => fill(filled.with(place, word));

  const bank: Placeable[] = question.choices.map((choice, i) => ({
    id: `word ${i}`,
    text: plainOf(choice.text),
  }));
  const cards = cardsIn(filled, bank);
  const put = (card: Placeable, slot?: string) => {
    const next = cards.map((c) => (c?.id === card.id ? undefined : c));
    if (slot !== undefined) next[Number(slot.slice(4))] = card;
    fill(next.map((c) => plainOf(c?.text ?? "")));
  };
  const sentence = (gap: (piece: Piece, place: number) => React.ReactNode) => {
    let place = -1;
    return (
      <div
        data-read
        className="card-field text-[length:var(--option)] leading-[2.1] whitespace-pre-line"
      >
        {question.pieces.map((piece, i) => {
          if (piece.text === undefined) place++;
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: pieces have no other name and stay in place
            <Fragment key={i}>{piece.text ?? gap(piece, place)}</Fragment>
          );
        })}
      </div>
    );
  };

  if (question.kind === "gaps-dragged") {
    return (
      <Placing cards={bank} put={put} closed={closed}>
        {sentence((_, place) => {
          const card = cards[place];
          return (
            <Slot
              id={`gap ${place}`}
              name={words.game.gap(place + 1)}
              cards={card ? [card] : []}
              marks={() => mark(place)}
              className="mx-[0.2em] inline-flex items-center align-middle leading-normal"
            />
          );
        })}
        <Bench
          label={words.game.bank}
          cards={bank.filter((card) => !cards.some((c) => c?.id === card.id))}
        />
      </Placing>
    );
  }
  const look =
    "mx-[0.2em] rounded-[14px] border-[3px] border-edge bg-card px-[0.4em] leading-normal";
  return sentence((piece, place) => (
    <span className="whitespace-nowrap">
      {question.kind === "gaps-chosen" ? (
        <select
          aria-label={words.game.gap(place + 1)}
          className={`${look} min-h-11 max-w-full`}
          disabled={closed}
          value={filled[place]}
          onChange={(event) => setAt(place, event.target.value)}
        >
          <option value="">{words.game.gapChoose}</option>
          {piece.choices.map((word) => (
            <option key={word}>{word}</option>
          ))}
        </select>
      ) : (
        <input
          aria-label={words.game.gap(place + 1)}
          className={`${look} min-h-11 w-[7em] max-w-full`}
          autoComplete="off"
          autoCapitalize="none"
          spellCheck={false}
          maxLength={200}
          readOnly={closed}
          value={filled[place]}
          onChange={(event) => setAt(place, event.target.value)}
        />
      )}
      <PartMark right={mark(place)} />
    </span>
  ));
}

/** Which card of the bank is in which gap: a word that is there twice is two cards. */
function cardsIn(filled: string[], bank: Placeable[]): (Placeable | undefined)[] {
  const free = [...bank];
  return filled.map((word) => {
    const place = word ? free.findIndex((card) => card.text === word) : -1;
    return place < 0 ? undefined : free.splice(place, 1)[0];
  });
}
