import { useEffect, useState } from "react";
import type { SeenLock } from "../../generated/types";
import { Hints } from "../../questions/stage/Hints";
import type { BoardProps } from "./boardProps";
import { PieceFace } from "./Cord";
import { escapeWords } from "./words";

/**
 * Key pieces put in order: pressed one after another they go to the next free place; one that is
 * pressed in its place can be put to another, or goes back to the cord.
 */
export function PiecesField(props: BoardProps & { lock: SeenLock; closed: number }) {
  const { lock, scene, act, busy, closed } = props;
  const [put, setPut] = useState<(string | undefined)[]>([]);
  const [held, setHeld] = useState<number>();
  const places = Array.from({ length: lock.slots }, (_, i) => put[i]);
  const pieceOf = (id?: string) => scene.pieces.find((piece) => piece.id === id);
  const loose = scene.pieces.filter((piece) => !places.includes(piece.id));
  const missing = lock.slots - scene.pieces.length;
  const full = places.every((id) => id !== undefined);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a try that was in vain stays to be changed
  useEffect(() => setHeld(undefined), [lock.attempt]);
  const add = (id: string) => {
    const free = places.indexOf(undefined);
    if (free >= 0) setPut(places.with(free, id));
  };
  const press = (place: number) => {
    if (held === undefined) {
      if (places[place] !== undefined) setHeld(place);
      return;
    }
    setPut(places.with(held, places[place]).with(place, places[held]));
    setHeld(undefined);
  };
  const tried = lock.tried.length > 0 && places.join() === lock.tried.join();
  return (
    <div className="escape-order">
      <ol className="escape-places">
        {places.map((id, i) => {
          const piece = pieceOf(id);
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: a place is its number
            <li key={i}>
              <button
                type="button"
                aria-label={escapeWords.slot(i + 1, lock.slots, piece?.text)}
                aria-pressed={held === i}
                onClick={() => press(i)}
              >
                {piece ? (
                  <PieceFace piece={piece} />
                ) : (
                  <span className="escape-piece">{i + 1}</span>
                )}
              </button>
            </li>
          );
        })}
      </ol>
      {loose.length > 0 && (
        <ul className="escape-loose" aria-label={escapeWords.cord}>
          {loose.map((piece) => (
            <li key={piece.id}>
              <button type="button" disabled={full} onClick={() => add(piece.id)}>
                <PieceFace piece={piece} />
              </button>
            </li>
          ))}
        </ul>
      )}
      <p role="status">
        {missing > 0
          ? escapeWords.moreNeeded(missing)
          : closed > 0
            ? escapeWords.closedFor(closed)
            : tried
              ? `✕ ${escapeWords.notThisOrder}`
              : ""}
      </p>
      <Hints hints={lock.hints} />
      <div className="escape-means">
        {places.some((id) => id !== undefined) && (
          <button
            type="button"
            className="btn btn-outline"
            onClick={() => {
              setPut([]);
              setHeld(undefined);
            }}
          >
            {escapeWords.clearPieces}
          </button>
        )}
        {lock.moreHints > 0 && missing <= 0 && (
          <button
            type="button"
            className="btn btn-outline"
            disabled={busy}
            onClick={() => act({ kind: "hint", question: lock.id })}
          >
            {escapeWords.hint(scene.hintPrice, scene.hintSeconds)}
          </button>
        )}
        <button
          type="button"
          className="btn btn-primary"
          disabled={busy || !full || !lock.takes || tried}
          onClick={() =>
            act({
              kind: "use-pieces",
              lock: lock.id,
              attempt: lock.attempt,
              pieces: places.filter((id) => id !== undefined),
            })
          }
        >
          {escapeWords.tryPieces}
        </button>
      </div>
    </div>
  );
}
