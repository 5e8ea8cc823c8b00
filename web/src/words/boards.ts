import type { Refusal, Side } from "../generated/types";
import { plural } from "./format";

/** The words of boards, teams, and of a question taken apart with the whole class. */

const list = (names: string[]) =>
  names.length < 2 ? names.join("") : `${names.slice(0, -1).join(", ")} and ${names.at(-1)}`;

export const boards = {
  teams: {
    awaiting: (n: number) => `The teacher still marks ${plural(n, "answer")}, then it is decided.`,
    who: "At the front of the class",
    whoLabel: "How many teams play at the front",
    counts: (n: number) => (n === 0 ? "everybody plays together." : `${n} teams`),
    turnsLabel: "How teams take turns",
    turns: {
      "in-order": "take turns in order.",
      "by-teacher": "answer when I give them the turn.",
    } as Record<string, string>,
    missed: "A missed question",
    missedLabel: "What happens with a missed question",
    takeOver: {
      none: "stays missed.",
      next: "goes to the next team",
    } as Record<string, string>,
    takeOverFor: "for",
    takeOverWorthLabel: "Points of a question that is taken over",
    takeOverWithin: "points",
    takeOverClockLabel: "Seconds for a question that is taken over",
    withinSeconds: "seconds.",
    ownClock: {
      same: "in the usual time.",
      own: "within",
    } as Record<string, string>,
    ownClockLabel: "Time for a question that is taken over",
    tie: "A tie",
    tieLabel: "What happens at a tie",
    ties: {
      tie: "is a tie.",
      decider: "goes to a deciding question that was not asked.",
    } as Record<string, string>,
    wins: "The team with the most points wins.",
    name: (n: number) => `Name of team ${n}`,
    signLabel: (n: number) => `Sign of team ${n}`,
    signs: {
      leaf: "leaf",
      acorn: "acorn",
      feather: "feather",
      pebble: "pebble",
      kite: "kite",
      lantern: "lantern",
    } as Record<string, string>,
    usual: ["Willow", "Hawthorn", "Rowan", "Juniper", "Maple", "Alder"],
    label: "Teams",
    side: ({ name, points, turn, answers }: Side) =>
      `${name}: ${plural(points, "point")}${answers ? (turn ? ", its turn" : ", takes over") : ""}`,
    turn: "its turn",
    takes: "takes over",
    saidBy: "Who said it?",
    numbered: (n: number, name: string) => `${n} ${name}`,
    takesOver: (name: string) => `${name} may take it over.`,
    leaveMissed: "Nobody takes it over",
    giveTurn: "Press a team, or its number, to give it the turn.",
    give: (name: string) => `Points for ${name}`,
    joins: "A team joins",
    joinsText: "It begins with no points and is last in turn. ← takes it back.",
    joinsName: "What it is called",
    joinsNow: "Let it play",
    giveText: "Given by hand. ← takes it back.",
    giveButton: (n: number) => (n > 0 ? `+${n}` : `−${-n}`),
    own: "Another number",
    ownGive: "Give",
    won: (name: string) => `${name} won`,
    tied: (names: string[]) => `A tie between ${list(names)}`,
    result: (name: string, points: number) => `${name}: ${plural(points, "point")}`,
    deciding: "A deciding question",
  },
  talk: {
    struck: "struck out",
    why: (letter: string) => `Why not ${letter}:`,
    explained: "Talked through",
    usual: "This one stays.",
    votesTitle: "Hands for each option",
    hands: (letter: string) => `Hands for ${letter}`,
    handsShown: (n: number) => plural(n, "hand"),
    countThem: "Show them",
    orderTitle: "Struck out at the front in this order",
    orderText: "What is right stays, whatever the order says.",
    orderUp: (letter: string) => `${letter}: struck out earlier`,
    orderDown: (letter: string) => `${letter}: struck out later`,
    over: "That was the question",
    overText: "It was shown alone, and counts for nothing.",
  },
  refused: {
    "no-name": "That is no name: it has no letters, or far too many. Nothing was counted.",
    "no-entry-left": "There are no entries left for that.",
    "no-such-team": "Give a team the turn first: press its number.",
  } as Partial<Record<Refusal, string>>,
};
