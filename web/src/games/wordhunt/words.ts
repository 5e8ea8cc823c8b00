import type { HuntScene, Sought } from "../../generated/types";
import { plural } from "../../words/format";

/** What is read while a word hunt is played. */
export const huntWords = {
  facts: (n: number, entries?: number) =>
    entries === undefined
      ? `Find ${n === 1 ? "the one thing" : `all ${n} things`} and write what they are called.`
      : `Find ${n === 1 ? "the one thing" : `all ${n} things`}. You have ${plural(entries, "go", "goes")}.`,
  found: (found: number, of: number) => `${found} of ${of} found`,
  entry: "What do you see?",
  placeholder: "I see …",
  enter: "Enter",
  left: (n: number) => (n === 0 ? "No goes left" : `${plural(n, "go", "goes")} left`),
  teamsLeft: (teams: string[]) => `Goes left: ${teams.join(" · ")}`,
  foundBy: (team: string) => ` by ${team}`,
  list: "Things to find",
  blank: (line: Sought, n: number) => {
    if (line.name && line.found) return `${line.name}, found`;
    if (line.name) return `${line.name}, not found`;
    const letters = line.letters.filter((letter) => letter === "").length;
    const known = line.letters.filter((letter) => letter !== "").join("");
    const start = known.trim() ? `, starts with ${known}` : "";
    return line.more
      ? `Thing ${n}, not found yet${start}`
      : `Thing ${n}, not found yet, ${plural(letters, "letter")} to go${start}`;
  },
  notFound: "not found",
  letter: (price: number) =>
    price > 0 ? `One letter, for ${plural(price, "point")}` : "One letter",
  letterFor: (n: number, price: number) =>
    `Show one letter of thing ${n}${price > 0 ? `, which takes ${plural(price, "point")} from it` : ""}`,
  names: "Pick from a list",
  namesTitle: "Which of these do you see?",
  namesHow: "Some of these are not there.",
  giveUp: "Give up",
  giveUpAsk: "The hunt ends, and what is missing is shown.",
  goOn: "Keep looking",
  waiting: (texts: string[]) => `On its way: ${texts.join(", ")}`,
  tooLong: "That is too long for a name. Nothing was counted.",
  entered: {
    right: (text: string) => `✓ ${text}: found!`,
    rightAgain: (text: string) => `You have ${text} already. That costs nothing.`,
    wrongAgain: (text: string) => `You tried “${text}” already. That costs nothing.`,
    partly: (text: string, costs: boolean) =>
      `Nearly: check the spelling of “${text}”.${costs ? "" : " That costs nothing."}`,
    wrong: (text: string) => `✕ “${text}” is not one of them.`,
  },
  wonAll: (points: number) => `Everything found: ${plural(points, "point")}.`,
  lost: (found: number, of: number) => `Not this time — you found ${found} of ${of}`,
  timeUp: (found: number, of: number) => `Out of time — you found ${found} of ${of}`,
  lostText: "What you missed is marked with a dashed line.",
  lostPlain: "Have another look, and play again.",
};

/** What the last entry came to, in words. */
export function lastEntry({ entries, lines }: HuntScene): string | undefined {
  const last = entries.at(-1);
  if (!last) return undefined;
  const name = lines.find((line) => line.item === last.item)?.name ?? last.text;
  const said = huntWords.entered;
  switch (last.verdict) {
    case "right":
      return last.counted ? said.right(name) : said.rightAgain(name);
    case "partly":
      return last.counted || entries.findIndex((e) => e.text === last.text) === entries.length - 1
        ? said.partly(last.text, last.counted)
        : said.wrongAgain(last.text);
    default:
      return last.counted ? said.wrong(last.text) : said.wrongAgain(last.text);
  }
}
