import type { Activity, BlockUnion, Difference, QuestionUnion } from "../generated/types";
import { questionsOf } from "../questions/questionsOf";
import { rightWords } from "../questions/rightWords";
import { titleOf } from "../questions/titleOf";
import { plainOf, type Words } from "../rich/words";
import { words } from "../words/en";

/** What a part of an activity is called. */
export function partName({ path, number }: Difference): string {
  const list = path.match(LISTED)?.[1];
  if (list !== undefined) {
    const what = words.revision.items[list] ?? words.revision.other;
    return number === undefined ? what : words.revision.numbered(what, number);
  }
  return words.revision.parts[path] ?? words.revision.other;
}

/** The path of something in a list: the list, without the id of what is in it. */
const LISTED = /^(.+)\[[^\]]*\]$/;

/** What is at a path of an activity; nothing where it isn’t there. */
function valueAt(activity: Activity, path: string): unknown {
  let value: unknown = activity;
  for (const name of path.split(".")) value = (value as Record<string, unknown>)?.[name];
  return value;
}

/** Something in a list besides questions: what it is called, and what is written in it. */
function itemText(item: Record<string, unknown>): string {
  const said = ["name", "names", "text", "words", "entering", "said", "alt"]
    .map((name) => item[name])
    .filter((value) => value !== undefined && value !== "")
    .map(valueText);
  return said.join(" — ") || words.revision.unnamed;
}

/** How a part reads on one side. */
export function partText(activity: Activity, { path, question }: Difference): string {
  if (question !== undefined) {
    const found = questionsOf(activity).find((q) => q.id === question);
    if (found) return questionText(found);
    const list = valueAt(activity, path.match(LISTED)?.[1] ?? "");
    const item = Array.isArray(list) && list.find(({ id }) => id === question);
    return item ? itemText(item) : words.revision.notThere;
  }
  const [top = "", property] = path.split(".");
  const whole = (activity as unknown as Record<string, unknown>)[top];
  const value = property === undefined ? whole : (whole as Record<string, unknown>)?.[property];
  if (path === "game.questions") {
    return questionsOf(activity)
      .map((q) => titleOf(q) || words.sheet.emptyLine)
      .join(" · ");
  }
  return valueText(value);
}

function valueText(value: unknown): string {
  if (value === undefined || value === "") return words.revision.nothing;
  if (isBlocks(value)) return plainOf(value) || words.revision.nothing;
  if (Array.isArray(value)) return value.map(valueText).join(", ") || words.revision.nothing;
  if (typeof value === "object" && value !== null) {
    const { text } = value as { text?: Words };
    return text === undefined ? words.revision.usual : plainOf(text);
  }
  return words.revision.values[String(value)] ?? String(value);
}

const isBlocks = (value: unknown): value is BlockUnion[] =>
  Array.isArray(value) && value.some((item) => typeof item === "object" && "kind" in item);

/** A question on one line: its text, and its options with a tick at what is right. */
export function questionText(question: QuestionUnion): string {
  const text = titleOf(question) || words.sheet.emptyLine;
  const off = question.off ? ` (${words.sheet.off})` : "";
  if (question.kind === "pick-one" || question.kind === "pick-all") {
    const options = question.options.map((o) =>
      o.right ? `✓ ${plainOf(o.text)}` : plainOf(o.text),
    );
    return `${text}${off} — ${options.join(" · ") || words.revision.noOptions}`;
  }
  const right = rightWords(question);
  return right ? `${text}${off} — ${right}` : `${text}${off}`;
}

/** What was done in a version, in a few words. */
export function changesText(changes: Difference[]): string {
  if (changes.length === 0) return words.revision.first;
  const named = changes.map((change) => words.revision.did(partName(change), change.theirs));
  const shown = named.slice(0, 3).join(", ");
  return named.length > 3 ? `${shown} ${words.revision.more(named.length - 3)}` : shown;
}
