import { sendFrontMove } from "../api/teacher";
import { kept, keptNames, Outbox } from "../sending/outbox";

/**
 * Moves at the front that have not reached the server: a game that is left without a network is not
 * lost. They are sent when the game is gone on with, or whenever one of the teacher's pages is
 * opened.
 */

const PREFIX = "bravium.front.";

/** What the moves of a sitting are kept under on the device. */
export const frontMoves = (sitting: string) => PREFIX + sitting;

/** The moves of a sitting that are still to be sent, in their order. */
export const unsentOf = (sitting: string) => kept(frontMoves(sitting));

/** Sends what an earlier page left, of all sittings; what can't be sent now stays. */
export function sendLeft() {
  const names = keptNames(PREFIX);
  const boxes = names.map(
    (name) =>
      new Outbox(name, {
        send: ({ move }) => sendFrontMove(name.slice(PREFIX.length), move),
        refused: () => false,
      }),
  );
  for (const box of boxes) box.now();
  return () => {
    for (const box of boxes) box.close();
  };
}
