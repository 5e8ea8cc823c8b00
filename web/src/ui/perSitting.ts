/** What this device keeps beside a game; of many games the oldest goes. */

const MOST_SITTINGS = 8;

interface Kept<T> {
  at: number;
  beside: T;
}

/** What is kept of a game; nothing where there is none. */
export function readBeside<T>(prefix: string, sitting: string): T | undefined {
  return read<T>(prefix + sitting)?.beside;
}

function read<T>(name: string): Kept<T> | undefined {
  try {
    const text = localStorage.getItem(name);
    return text ? JSON.parse(text) : undefined;
  } catch {
    return undefined;
  }
}

/** Keeps it on this device, and the oldest of many games no longer; whether it could be kept. */
export function writeBeside<T>(prefix: string, sitting: string, beside: T): boolean {
  try {
    const others = Object.keys(localStorage)
      .filter((name) => name.startsWith(prefix) && name !== prefix + sitting)
      .map((name) => ({ name, at: read(name)?.at ?? 0 }))
      .sort((a, b) => b.at - a.at);
    for (const { name } of others.slice(MOST_SITTINGS - 1)) localStorage.removeItem(name);
    localStorage.setItem(prefix + sitting, JSON.stringify({ at: Date.now(), beside }));
    return true;
  } catch {
    return false;
  }
}

/** Keeps nothing more beside a game. */
export function forgetBeside(prefix: string, sitting: string) {
  try {
    localStorage.removeItem(prefix + sitting);
  } catch {
    // Then there is nothing to forget.
  }
}
