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
  /** Whether that tab has ended, or left the page. */
  left?: boolean;
}

/**
 * A draft of another tab is taken up when that tab has left it; or, where a tab ended without a
 * word, when it has long stopped writing it.
 */
const ABANDONED_MILLIS = 10_000;

/** Each tab keeps its own, so that none is written over by another. */
const prefix = (id: string) => `bravium.draft.${id}.`;

const tab = (() => {
  const name = "bravium.tab";
  const known = sessionStorage.getItem(name) ?? randomId(12);
  sessionStorage.setItem(name, known);
  return known;
})();

/**
 * Keeps a draft; without storage there is only the server.
 *
 * @param left whether the page is being left
 */
export function keepDraft(id: string, version: number, activity: Activity, left = false) {
  const draft: Draft = { version, activity, tab, at: Date.now(), left };
  try {
    localStorage.setItem(prefix(id) + tab, JSON.stringify(draft));
  } catch {
    // Full or switched off: saving goes on by itself.
  }
}

/** Forgets the draft of this tab once it is saved. */
export function forgetDraft(id: string) {
  localStorage.removeItem(prefix(id) + tab);
}

/** The newest draft that a page left behind when it ended; it is this tab's from then on. */
export function leftBehind(id: string): Draft | undefined {
  const lost = drafts(id)
    .filter((d) => d.tab === tab || d.left || Date.now() - d.at > ABANDONED_MILLIS)
    .sort((a, b) => b.at - a.at)[0];
  if (lost && lost.tab !== tab) {
    keepDraft(id, lost.version, lost.activity);
    localStorage.removeItem(prefix(id) + lost.tab);
  }
  return lost;
}

function drafts(id: string): Draft[] {
  const found: Draft[] = [];
  try {
    for (let i = 0; i < localStorage.length; i++) {
      const key = localStorage.key(i);
      if (!key?.startsWith(prefix(id))) continue;
      const text = localStorage.getItem(key);
      if (text) found.push(JSON.parse(text));
    }
  } catch {
    // What can't be read is no draft.
  }
  return found;
}
