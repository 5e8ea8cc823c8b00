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

/** An activity with a text replaced wherever the teacher wrote it, and how many times it was. */
export function replaced(activity: Activity, wanted: Wanted, by: string) {
  if (!wanted.find) return { activity, count: 0 };
  const pattern = new RegExp(
    wanted.find.replace(/[.*+?^${}()|[\]\\]/g, "\\$&"),
    wanted.caseMatters ? "gu" : "giu",
  );
  let count = 0;
  const walk = (value: unknown, key: string): unknown => {
    if (typeof value === "string") {
      if (!WORDS.has(key)) return value;
      return value.replace(pattern, () => {
        count++;
        return by;
      });
    }
    if (Array.isArray(value)) return kept(value, (item) => walk(item, key));
    if (value !== null && typeof value === "object") {
      const entries = Object.entries(value);
      const changed = entries.map(([name, part]) => [name, walk(part, name)] as const);
      const same = changed.every(([, part], i) => part === entries[i]?.[1]);
      return same ? value : Object.fromEntries(changed);
    }
    return value;
  };
  return { activity: walk(activity, "") as Activity, count };
}

/** What did not change stays the same object, so that only what changed is shown anew. */
function kept(list: unknown[], change: (item: unknown) => unknown): unknown[] {
  const changed = list.map(change);
  return changed.every((item, i) => item === list[i]) ? list : changed;
}
