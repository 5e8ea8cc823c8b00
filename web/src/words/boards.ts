import type { Refusal, Side } from "../generated/types";
import { plural } from "./format";

/** The words of boards, teams, and of a question taken apart with the whole class. */

const list = (names: string[]) =>
  names.length < 2 ? names.join("") : `${names.slice(0, -1).join(", ")} and ${names.at(-1)}`;

export const boards = {
  board: {
    label: "How the questions are laid out",
    come: "The questions come",
    kinds: {
      line: "one after another.",
      trail: "from markers on your picture.",
      climb: "as steps of a climb.",
    } as Record<string, string>,
    steps: "It has",
    stepsLabel: "Number of steps",
    stepsAnd: "steps;",
    riseLabel: "How the worth grows",
    rises: {
      even: "each is worth the same more than the one below.",
      doubling: "each is worth twice the one below.",
      own: "each is worth what I write.",
    } as Record<string, string>,
    stepWorth: (n: number) => `Worth of step ${n}`,
    rest: "Press a step to make it a resting place:",
    restLabel: (n: number) => `Step ${n} is a resting place`,
    miss: "A miss",
    missLabel: "What a miss leads to",
    misses: {
      rest: "goes back to the last resting place.",
      end: "ends the climb at the last resting place.",
    } as Record<string, string>,
    teamsMiss: "Teams go on after a miss.",
    locks: "A marker locks",
    locksLabel: "When a marker locks",
    lockWhen: {
      answered: "once it is answered.",
      right: "only once it is right.",
    } as Record<string, string>,
    climbWins: (step: number, of: number, worth: number) =>
      step === 0
        ? " — everybody wins."
        : ` of the top — that is step ${step} of ${of}, worth ${worth}.`,
    firstStep: "The first step is worth",
  },
  trail: {
    title: "Picture",
    choose: "Choose a picture",
    other: "Another picture",
    describe: "What it shows",
    board: "The picture. Press where the next marker belongs; drag a marker to move it.",
    marker: (n: number, text: string) =>
      `Marker ${n}: ${text || "no question yet"}. Arrow keys move it, Delete takes it away.`,
    layNext: (n: number) => `Press the picture where question ${n} belongs.`,
    layNew: "Press the picture for one more question.",
    full: "All 40 markers are laid.",
    layAll: "Lay the rest in rows",
    path: "Space along a path",
    pathHow: "Draw the path over the picture. Esc leaves everything as it was.",
    clear: "Take all away",
    count: (laid: number, questions: number) => `${laid} of ${plural(questions, "marker")} laid`,
    play: "Pick a marker",
    list: "The markers as a list",
    more: "There is more of it: move the picture, or use the list.",
    zoomIn: "Closer",
    zoomOut: "Farther",
    nothing: "The picture comes here. Until then the markers stand on plain ground.",
    pick: (n: number, state: string) => `Question ${n}: ${state}`,
  },
  climb: {
    at: (step: number, of: number) =>
      step === 0 ? `At the foot of ${of} steps` : `On step ${step} of ${of}`,
    atShort: (step: number) => (step === 0 ? "at the foot" : `step ${step}`),
    step: (n: number, worth: number, rest: boolean) =>
      `Step ${n}, ${plural(worth, "point")}${rest ? ", a resting place" : ""}`,
    kept: (step: number) =>
      step === 0 ? "A miss leads back to the foot." : `A miss leads back to step ${step}.`,
    keptEnds: (step: number) =>
      step === 0 ? "A miss ends the climb." : `A miss ends the climb on step ${step}.`,
    wonAt: (step: number, of: number, worth: number) =>
      `Up to step ${step} of ${of}: ${plural(worth, "point")}.`,
    lost: (step: number, of: number) =>
      step === 0
        ? "Not this time — back at the foot of the climb"
        : `Not this time — you got to step ${step} of ${of}`,
    needed: (step: number) => `Step ${step} wins.`,
  },
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
    takesOver: (name: string) => `${name} may take it over.`,
    leaveMissed: "Nobody takes it over",
    giveTurn: "Press a team, or its number, to give it the turn.",
    give: (name: string) => `Points for ${name}`,
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
    handsShown: (n: number) => (n === 1 ? "1 hand" : `${n} hands`),
    countThem: "Show them",
    orderTitle: "Struck out at the front in this order",
    orderText: "What is right stays, whatever the order says.",
    orderUp: (letter: string) => `${letter}: struck out earlier`,
    orderDown: (letter: string) => `${letter}: struck out later`,
    over: "That was the question",
    overText: "It was shown alone, and counts for nothing.",
  },
  refused: {
    "no-such-team": "Give a team the turn first: press its number.",
  } as Partial<Record<Refusal, string>>,
};
