import { forgetUnwritten } from "../api/teacher";

const STORED = "bravium.begun";

/** What was begun longer ago and left with its tab is no longer open anywhere, as far as can be told. */
const LEFT_MILLIS = 10 * 60_000;

interface Begun {
  id: string;
  at: number;
}

function read(): Begun[] {
  try {
    return JSON.parse(localStorage.getItem(STORED) ?? "[]");
  } catch {
    return [];
  }
}

function write(begun: Begun[]) {
  try {
    localStorage.setItem(STORED, JSON.stringify(begun));
  } catch {
    // Then an empty activity stays in the list.
  }
}

/** Remembers that an activity was begun on this device: left without a word in it, it isn't kept. */
export const begin = (id: string) => write([...read(), { id, at: Date.now() }]);

/** Whether it was begun here and has been left unwritten so far. */
export const isBegun = (id: string) => read().some((one) => one.id === id);

/** Something was written into it: it is kept like any other. */
export const keep = (id: string) => write(read().filter((one) => one.id !== id));

/** Lets go of one that is left; the server looks again whether nothing was written. */
export async function letGo(id: string) {
  keep(id);
  await forgetUnwritten(id);
}

/** Lets go of those whose tab was closed; whether there were any. */
export async function letGoOfLeft(): Promise<boolean> {
  const left = read().filter(({ at }) => Date.now() - at > LEFT_MILLIS);
  await Promise.all(left.map(({ id }) => letGo(id).catch(() => undefined)));
  return left.length > 0;
}
