import { forgetLaid } from "../stage/laid";

/** What this device remembers of a link: its learner's token and the sitting that is open. */
export interface Remembered {
  token: string;
  sitting: string;
  /** The number by which she is known. */
  number?: number;
}

const key = (code: string) => `bravium.play.${code.toLowerCase()}`;

/** @param token whose it has to be, where that is known: what the device holds of another is nobody's */
export function remembered(code: string, token?: string): Remembered | undefined {
  try {
    const text = localStorage.getItem(key(code));
    const known: Remembered | undefined = text ? JSON.parse(text) : undefined;
    return token === undefined || known?.token === token ? known : undefined;
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

/** Forgets all sittings that this device holds for somebody. */
export function forgetAllOf(token: string) {
  const prefix = key("");
  try {
    for (const name of Object.keys(localStorage)) {
      const of = name.startsWith(prefix) && name.slice(prefix.length);
      const hers = of && remembered(of, token);
      if (!hers) continue;
      localStorage.removeItem(name);
      forgetLaid(hers.sitting);
    }
  } catch {
    // Then there is nothing to forget.
  }
}
