import type { Activity } from "../generated/types";

/** The properties of an activity that hold the teacher's own words. */
const WORDS = new Set([
  "title",
  "subject",
  "objective",
  "introduction",
  "entering",
  "text",
  "right",
  "wrong",
  "hints",
  "feedback",
  "accepted",
  "decoys",
  "alt",
  "name",
  "model",
  "words",
]);

/** What is looked for, and how. */
export interface Wanted {
  find: string;
  caseMatters: boolean;
}

/** Where it stands: in which part and within which things, from the outermost, and what is written around it. */
export interface FoundPlace {
  /** The part of the activity: its title page, its game, its endings. */
  part: string;
  within: string[];
  before: string;
  hit: string;
  after: string;
}

/** How much is shown of what stands around it, in characters. */
const AROUND = 28;

/** An activity with a text replaced wherever the teacher wrote it, and where it stood. */
export function replaced(activity: Activity, wanted: Wanted, by: string) {
  const places: FoundPlace[] = [];
  if (!wanted.find) return { activity, places };
  const pattern = new RegExp(
    wanted.find.replace(/[.*+?^${}()|[\]\\]/g, "\\$&"),
    wanted.caseMatters ? "gu" : "giu",
  );
  let part = "";
  const walk = (value: unknown, key: string, within: string[]): unknown => {
    if (
      value !== null &&
      key !== "" &&
      (activity as unknown as Record<string, unknown>)[key] === value
    )
      part = key;
    if (typeof value === "string") {
      if (!WORDS.has(key)) return value;
      return value.replace(pattern, (hit: string, at: number) => {
        const end = at + hit.length;
        places.push({
          part,
          within,
          before: value.slice(Math.max(0, at - AROUND), at),
          hit,
          after: value.slice(end, end + AROUND),
        });
        return by;
      });
    }
    if (Array.isArray(value)) return kept(value, (item) => walk(item, key, within));
    if (value !== null && typeof value === "object") {
      const entries = Object.entries(value);
      const inside = "id" in value ? [...within, String(value.id)] : within;
      const changed = entries.map(([name, part]) => [name, walk(part, name, inside)] as const);
      const same = changed.every(([, part], i) => part === entries[i]?.[1]);
      return same ? value : Object.fromEntries(changed);
    }
    return value;
  };
  return { activity: walk(activity, "", []) as Activity, places };
}

/** What did not change stays the same object, so that only what changed is shown anew. */
function kept(list: unknown[], change: (item: unknown) => unknown): unknown[] {
  const changed = list.map(change);
  return changed.every((item, i) => item === list[i]) ? list : changed;
}
