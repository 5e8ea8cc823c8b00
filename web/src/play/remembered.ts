import type { ResponseUnion } from "../generated/types";

/** What this device remembers of a link: its learner's token and the sitting that is open. */
export interface Remembered {
  token: string;
  sitting: string;
  /** The number by which she is known. */
  number?: number;
  /** What is being given as an answer: a reload must not lose what was written. */
  draft?: { question: string; response: ResponseUnion };
}

const key = (code: string) => `bravium.play.${code.toLowerCase()}`;

export function remembered(code: string): Remembered | undefined {
  try {
    const text = localStorage.getItem(key(code));
    return text ? JSON.parse(text) : undefined;
  } catch {
    return undefined;
  }
}

/** Forgets the sitting: the next one is begun anew. */
export function forget(code: string) {
  try {
    localStorage.removeItem(key(code));
  } catch {
    // Then there is nothing to forget.
  }
}

export function remember(code: string, what: Remembered) {
  try {
    localStorage.setItem(key(code), JSON.stringify(what));
  } catch {
    // Without storage the play works until the page is closed.
  }
}
