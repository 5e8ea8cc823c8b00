import { sendFrontMove } from "../api/teacher";
import type { Played } from "../generated/types";

/**
 * Moves at the front that have not reached the server, kept on this device: a game that is left
 * without a network is not lost. They are sent when the game is gone on with, or whenever one of the
 * teacher's pages is opened.
 */

const PREFIX = "bravium.front.";

/** The moves of a sitting that are still to be sent, in their order. */
export function unsentOf(sitting: string): Played[] {
  try {
    return JSON.parse(localStorage.getItem(PREFIX + sitting) ?? "[]");
  } catch {
    return [];
  }
}

/** Keeps what is still to be sent; without storage it is kept as long as the page is. */
export function keepUnsent(sitting: string, moves: Played[]) {
  try {
    if (moves.length === 0) localStorage.removeItem(PREFIX + sitting);
    else localStorage.setItem(PREFIX + sitting, JSON.stringify(moves));
  } catch {
    // Full or switched off.
  }
}

/** Sends what an earlier page left, of all sittings; what can't be sent now stays. */
export async function sendLeft() {
  const sittings = Object.keys(localStorage)
    .filter((key) => key.startsWith(PREFIX))
    .map((key) => key.slice(PREFIX.length));
  for (const sitting of sittings) {
    try {
      for (const { move } of unsentOf(sitting)) {
        await sendFrontMove(sitting, move);
        keepUnsent(
          sitting,
          unsentOf(sitting).filter((left) => left.move.key !== move.key),
        );
      }
    } catch {
      // No network, or the game is over: the next page tries again.
    }
  }
}
