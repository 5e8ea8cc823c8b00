import { worthTryingAgain } from "../api/client";
import type { Move, Played } from "../generated/types";

const AGAIN_MILLIS = 2_500;

/** A move that is still to be sent: when it was made, and since when it could not be sent. */
export interface Waiting extends Played {
  since?: number;
}

/** The moves that a device keeps under a name, in their order. */
export function kept(name: string): Waiting[] {
  try {
    return JSON.parse(localStorage.getItem(name) ?? "[]");
  } catch {
    return [];
  }
}

/** The names under which moves wait on this device that begin so. */
export function keptNames(prefix: string): string[] {
  try {
    return Object.keys(localStorage).filter((name) => name.startsWith(prefix));
  } catch {
    return [];
  }
}

/** Keeps what is still to be sent; without storage it is kept as long as the page is. */
function keep(name: string, moves: Waiting[]) {
  try {
    if (moves.length === 0) localStorage.removeItem(name);
    else localStorage.setItem(name, JSON.stringify(moves));
  } catch {
    // Full or switched off.
  }
}

interface Ways<A> {
  send: (move: Waiting) => Promise<A>;
  /** It has arrived: what the server says to it. */
  sent?: (answer: A, move: Waiting) => void;
  /** It can't be sent just now, and is tried again by itself. */
  waits?: () => void;
  /** The server does not take it; whether it is given up, so that the next can go. */
  refused: (error: unknown, move: Waiting) => boolean;
}

/**
 * Moves that follow to the server one after another, again and again until they arrive, and are kept
 * on the device until then, over reload and sleep. The server applies each key once.
 */
export class Outbox<A> {
  private readonly name: string;
  private readonly ways: Ways<A>;
  private moves: Waiting[];
  private sending = false;
  private closed = false;
  private timer?: ReturnType<typeof setTimeout>;

  /** @param name what the moves are kept under on the device */
  constructor(name: string, ways: Ways<A>) {
    this.name = name;
    this.ways = ways;
    this.moves = kept(name);
    window.addEventListener("online", this.now);
  }

  /** The moves that have not arrived, in their order. */
  get waiting(): readonly Waiting[] {
    return this.moves;
  }

  put(move: Move) {
    const waiting = { move, at: Date.now() };
    this.moves = [...this.moves, waiting];
    keep(this.name, [...kept(this.name), waiting]);
    this.now();
  }

  /** Sends what waits, without waiting for the next try. */
  readonly now = () => {
    clearTimeout(this.timer);
    if (!this.sending && !this.closed) this.sendAll();
  };

  /** Sends nothing more; what waits stays on the device. */
  close() {
    this.closed = true;
    clearTimeout(this.timer);
    window.removeEventListener("online", this.now);
  }

  private async sendAll() {
    this.sending = true;
    for (let next = this.moves[0]; next && !this.closed; next = this.moves[0]) {
      const goesOn = await this.sendOne(next);
      if (!goesOn) break;
    }
    this.sending = false;
  }

  private async sendOne(next: Waiting): Promise<boolean> {
    const began = Date.now();
    try {
      const answer = await this.ways.send(next);
      this.dropFirst();
      if (!this.closed) this.ways.sent?.(answer, next);
      return true;
    } catch (error) {
      if (worthTryingAgain(error)) {
        const since = (waiting: Waiting) =>
          waiting.move.key === next.move.key ? { since: began, ...waiting } : waiting;
        this.moves = this.moves.map(since);
        keep(this.name, kept(this.name).map(since));
        if (!this.closed) {
          this.ways.waits?.();
          this.timer = setTimeout(this.now, AGAIN_MILLIS);
        }
        return false;
      }
      // Whoever has turned to something else is told nothing more of this.
      const givenUp = !this.closed && this.ways.refused(error, next);
      if (givenUp) this.dropFirst();
      return givenUp;
    }
  }

  /** Another page may have put something behind it meanwhile: that stays. */
  private dropFirst() {
    const [first, ...rest] = this.moves;
    this.moves = rest;
    keep(
      this.name,
      kept(this.name).filter(({ move }) => move.key !== first?.move.key),
    );
  }
}
