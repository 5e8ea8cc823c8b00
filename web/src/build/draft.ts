import { randomId } from "../engine/randomId";
import type { Activity } from "../generated/types";

/** What was typed and not yet saved, kept on this device in case the page ends before it is. */
export interface Draft {
  /** The version it was typed into. */
  version: number;
  activity: Activity;
  /** The tab it was typed in. */
  tab: string;
  at: number;
}

/** A draft of another tab is only taken up when that tab has long stopped writing it. */
const ABANDONED_MILLIS = 10_000;

const key = (id: string) => `bravium.draft.${id}`;

const tab = (() => {
  const name = "bravium.tab";
  const known = sessionStorage.getItem(name) ?? randomId(12);
  sessionStorage.setItem(name, known);
  return known;
})();

/** Keeps a draft; without storage there is only the server. */
export function keepDraft(id: string, version: number, activity: Activity) {
  const draft: Draft = { version, activity, tab, at: Date.now() };
  try {
    localStorage.setItem(key(id), JSON.stringify(draft));
  } catch {
    // Full or switched off: saving goes on by itself.
  }
}

/** Forgets the draft of this tab once it is saved. */
export function forgetDraft(id: string) {
  if (readDraft(id)?.tab === tab) localStorage.removeItem(key(id));
}

/** The draft that a page left behind when it ended. */
export function leftBehind(id: string): Draft | undefined {
  const draft = readDraft(id);
  const lost = draft && (draft.tab === tab || Date.now() - draft.at > ABANDONED_MILLIS);
  return lost ? draft : undefined;
}

function readDraft(id: string): Draft | undefined {
  try {
    const text = localStorage.getItem(key(id));
    return text ? JSON.parse(text) : undefined;
  } catch {
    return undefined;
  }
}
