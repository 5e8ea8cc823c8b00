import type { Lying, Patch, Tell } from "../../generated/types";
import { plural } from "../../words/format";

const third = (middle: number, names: readonly [string, string, string]) =>
  names[Math.min(2, Math.floor((middle * 3) / 1000))];

/** Whereabouts on the picture a piece lies. */
function whereabouts({ x, y, width, height }: Patch): string {
  const down = third(y + height / 2, ["top", "middle", "bottom"]);
  const across = third(x + width / 2, ["left", "centre", "right"]);
  return down === "middle" && across === "centre" ? "in the middle" : `${down} ${across}`;
}

const LYING: Record<Lying, string> = {
  covered: "covered",
  now: "being asked",
  again: "still covered, can be tried again",
  lifted: "lifted",
  stays: "stays covered",
  blank: "covered, no question lifts it",
};

/** What is read while a picture reveal is played. */
export const revealWords = {
  facts: (pieces: number, worth: number) =>
    `Under ${plural(pieces, "piece")} of paper lies a picture. A right answer lifts what covers it. Guess whenever you like: ${plural(worth, "point")} straight away, less for each piece lifted.`,
  board: "What lies under here? Pick a piece.",
  onlyGuess: "No piece is left to lift. What is it?",
  piece: (n: number, of: number, patch: Patch, lying: Lying, said?: string) =>
    `Piece ${n} of ${of}, ${whereabouts(patch)}: ${LYING[lying]}${said ? ` — ${said}` : ""}`,
  stays: "stays",
  again: "once more",
  lifted: (n: number, of: number) => `${n} of ${of} lifted`,
  entry: "I think it is …",
  placeholder: "I think it is …",
  send: "Guess",
  tooLong: "That is too long for a guess. Nothing was counted.",
  brings: (worth: number) =>
    worth > 0 ? `A right guess earns ${plural(worth, "point")} now.` : "A right guess still wins.",
  left: (n: number) => (n === 0 ? "No guesses left" : `${plural(n, "guess", "guesses")} left`),
  teamsLeft: (teams: string[]) => `Guesses left: ${teams.join(" · ")}`,
  waiting: (text: string) => `On its way: ${text}`,
  said: ({ text, right }: Tell) => (right ? `✓ ${text}: that is it!` : `✕ “${text}” is not it.`),
  is: (answer?: string) => (answer ? `The answer: ${answer}.` : "What it is was not written down."),
  stop: "We give up",
  zoomIn: "Larger",
  zoomOut: "Smaller",
  more: "Move the picture to see all of it.",
  picture: "The hidden picture",
  won: (answer: string | undefined, points: number) =>
    answer ? `The answer: ${answer}. ${plural(points, "point")}.` : `${plural(points, "point")}.`,
  lost: (lifted: number, of: number) => `Not this time — ${lifted} of ${of} pieces lifted`,
  timeUp: (lifted: number, of: number) => `Out of time — ${lifted} of ${of} pieces lifted`,
  was: (answer?: string) =>
    answer ? `The answer: ${answer}.` : "Have another go, and look closely.",
};
