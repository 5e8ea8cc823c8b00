import type { EffectUnion, EscapeRoom } from "../../generated/types";
import { plural } from "../../words/format";
import { askedBy, locksOf } from "./escaping";

/** What the teacher reads while she writes an escape room. */
export const sheetWords = {
  title: (rooms: number, locks: number) =>
    `Sheet · ${plural(locks, "lock")} in ${plural(rooms, "room")}`,
  plan: "The plan",
  planText: {
    none: "Nobody can get out yet.",
    chain: (names: string[]) =>
      `The longest chain is ${plural(names.length, "lock")}: ${names.join(" → ")}.`,
    necessary: (names: string[], all: number) =>
      names.length === all
        ? "Everybody has to open every lock."
        : `Nobody gets out without ${names.join(", ")}.`,
    orders: (count: string, exact: boolean, widest: number) =>
      `${exact ? (count === "1" ? "There is one order" : `There are ${grouped(count)} orders`) : `There are more than ${grouped(count)} orders`} to open them in; at most ${plural(widest, "lock")} can be tried at once.`,
    example: (names: string[]) => `One way out: ${names.join(" → ")}.`,
    counting: "The orders are being counted …",
    outAtOnce: "They are out at once: the way out needs nothing.",
  },
  legend: { never: "never reached", necessary: "everything waits on it" },
  room: "Room",
  thing: "Thing",
  cover: "Cover",
  piece: "Key piece",
  lock: "Lock",
  out: "Out",
  start: "Start",
  roomNumber: (n: number) => `Room ${n}`,
  unnamed: {
    room: "a room without a name",
    thing: "a thing without a name",
    cover: "a cover without a name",
    piece: "an empty key piece",
    lock: "a lock without a name",
  },
  add: {
    room: "A room",
    lock: "A lock with a question",
    pieces: "A lock for key pieces",
    locks: "A lock that others open",
    thing: "A thing",
    cover: "A cover",
    piece: "A key piece",
  },
  addIn: (room: string) => `Add to ${room}`,
  pieces: "Key pieces",
  piecesHow: "A lock gives them; the final lock takes them in their order.",
  name: "Name",
  namePlaceholders: {
    room: "what the room is called",
    thing: "what it is, also for those who can’t see it",
    cover: "what is in the way",
    piece: "a letter, a number, a word",
    lock: "what it is: a chest, a door",
  },
  entering: "On entering",
  enteringPlaceholder: "what they read when they come in",
  words: "Looked at closer",
  wordsPlaceholder: "what they then see, read or hear",
  alt: "What the picture shows, for those who can’t see it",
  openFromStart: "open from the start",
  in: "In",
  inLabel: "The room it is in",
  under: "under",
  underLabel: "What it lies under",
  nothing: "nothing",
  helps: "It’s a clue for",
  helpsNone: "nothing yet",
  helpsAdd: "Add a lock it’s a clue for",
  scenery: "only to be looked at",
  helpedBy: (names: string[]) =>
    names.length > 0 ? `Clues: ${names.join(", ")}` : "No clues: it can be answered on its own",
  wheels: "set on letter wheels, like a bicycle lock",
  opening: "Opening it",
  doesNothing: "does nothing yet",
  doesAdd: "Add what opening it does",
  groups: {
    uncovers: "takes away",
    brings: "brings",
    gives: "gives",
    "opens-way": "opens the way to",
  },
  leadsOut: "leads out",
  newPiece: "a new key piece",
  newRoom: "a new room",
  remove: (what: string) => `Remove ${what}`,
  removeEffect: (what: string) => `Remove: ${what}`,
  up: "Up",
  down: "Down",
  order: "The right order",
  orderAdd: "Add a key piece to the order",
  orderNone: "It takes no key piece yet.",
  pieceUp: (text: string) => `Move ${text} one place forward`,
  pieceOut: (text: string) => `Take ${text} out of the order`,
  together: "It opens with",
  togetherAdd: "Add a lock it waits for",
  togetherNone: "no lock yet",
  lockText: "On the lock",
  lockTextPlaceholder: "what stands on it: how to put them in order",
  hint: (n: number) => `Hint ${n}`,
  hintAdd: "A hint for the order",
  strip: "a strip of a picture",
  whole: "The picture that the strips make together, from left to right",
  place: "Its place on the picture",
  places: "Where things are on the picture",
  noPlace: "Put it beside the picture",
  forms: { rectangle: "Box", ellipse: "Oval", polygon: "Corners" },
  drawing: "Draw it on the picture. Esc cancels.",
  drawHow: "Choose a form and draw where it is. Without a place it stands beside the picture.",
  noPicture: "This room has no picture yet: it stands as a card.",
  layOut: "Lay the questions out",
  layOutLabel: "How the questions are laid out",
  layOutHow: "All locks are placed again; names, pictures and questions stay.",
  patterns: {
    "rooms-in-a-row": "three rooms in a row",
    "one-code": "everything at once, one final code",
    "two-ways": "two ways that meet",
  },
  paste: "Paste questions",
  rules: {
    open: (locks: number, rooms: number) =>
      `They open ${plural(locks, "lock")} in ${plural(rooms, "room")}. Each is worth`,
    worthLabel: "Points of each lock",
    points: "points.",
    clock: "There is",
    clockLabel: "The clock",
    clocks: { none: "no clock.", game: "a clock of" },
    minutes: "minutes.",
    clockMinutes: "Minutes of the clock",
    wrong: "A wrong try costs",
    wrongLabel: "What a wrong try costs",
    wrongs: {
      nothing: "nothing.",
      time: "seconds of the clock.",
      closed: "seconds with the lock closed.",
      points: "points.",
    },
    wrongAmount: "How much a wrong try costs",
    hint: "A hint costs",
    hintLabel: "What a hint costs",
    hints: { free: "nothing.", time: "seconds of the clock.", points: "points." },
    hintAmount: "How much a hint costs",
    after: "Hints come",
    afterLabel: "When hints come",
    afters: { asked: "when they are asked for.", themselves: "also by themselves, after" },
    afterSeconds: "Seconds until a hint comes by itself",
    afterUnit: "seconds.",
    lives: "They may be wrong",
    livesLabel: "How often they may be wrong",
    livesNames: { any: "as often as they like.", number: "only" },
    livesUnit: "times.",
    livesNumber: "How many wrong tries are allowed",
    tell: "Answers are",
    tellLabel: "When answers are shown",
    tells: {
      "after-last-try": "shown once a lock is open.",
      "at-the-end": "shown at the end.",
      never: "never shown.",
    },
    turns: {
      "in-order": "take turns, a try each.",
      "by-teacher": "call out, and I press who tries.",
    } as Record<string, string>,
    wins: "Getting out wins.",
  },
};

const grouped = (digits: string) =>
  digits.length > 15 ? `10^${digits.length - 1}` : digits.replace(/\B(?=(\d{3})+$)/g, ",");

const NAMES = new WeakMap<EscapeRoom, Map<string, string>>();

/** The names of everything, worked out once for each state of the sheet. */
function namesOf(game: EscapeRoom): Map<string, string> {
  const known = NAMES.get(game);
  if (known) return known;
  const { unnamed } = sheetWords;
  const names = new Map<string, string>();
  for (const lock of locksOf(game)) {
    const asked = () => askedBy(game, lock).slice(0, 40);
    names.set(lock.id, lock.name.trim() || asked() || unnamed.lock);
  }
  for (const { id, text } of game.pieces) names.set(id, text.trim() || unnamed.piece);
  for (const { id, name } of game.covers) names.set(id, name.trim() || unnamed.cover);
  for (const { id, name } of game.things) names.set(id, name.trim() || unnamed.thing);
  for (const [i, { id, name }] of game.rooms.entries()) {
    names.set(id, name.trim() || sheetWords.roomNumber(i + 1));
  }
  NAMES.set(game, names);
  return names;
}

/** What something is called on the sheet; an empty text where it isn't there. */
export const titleOf = (game: EscapeRoom, id: string): string => namesOf(game).get(id) ?? "";

/** What opening a lock does, in words. */
export function effectWords(game: EscapeRoom, effect: EffectUnion): string {
  const { groups } = sheetWords;
  switch (effect.kind) {
    case "uncovers":
      return `${groups.uncovers} ${titleOf(game, effect.cover) || "?"}`;
    case "brings":
      return `${groups.brings} ${titleOf(game, effect.thing) || "?"}`;
    case "gives":
      return `${groups.gives} ${titleOf(game, effect.piece) || "?"}`;
    case "opens-way":
      return `${groups["opens-way"]} ${titleOf(game, effect.room) || "?"}`;
    case "leads-out":
      return sheetWords.leadsOut;
  }
}

/** What is needed, by the kind of the need. */
const needs: Record<string, (name: string) => string> = {
  ROOM: (name) => `the way to ${name || "its room"}`,
  COVER: (name) => `that ${name || "its cover"} is gone`,
  HELP: (name) => `${name || "what helps with it"}`,
  PIECE: (name) => `the key piece ${name}`,
  LOCK: (name) => `${name || "another lock"}`,
};

const need = ([kind = "", , name = ""]: string[]) => needs[kind]?.(name) ?? name;

/** What takes the need away, by its kind. */
const mendOfNeed = ([kind, , name = ""]: string[]): string => {
  switch (kind) {
    case "ROOM":
      return `Open ${name || "the room"} from the start`;
    case "COVER":
      return "Remove it from under the cover";
    case "HELP":
      return `Don’t wait for ${name || "that"}`;
    case "PIECE":
      return "Remove the key piece from the order";
    default:
      return "Don’t wait for that lock";
  }
};

/** What is missing at the lock that holds up all. */
const NO_ESCAPE: Record<string, string> = {
  empty: "has no question yet",
  unfinished: "has a question without an answer",
  unopened: "can’t be opened by anything yet",
};

/** What readiness finds in an escape room alone. */
export const escapeFindings: Record<string, (values: string[]) => string> = {
  "no-rooms": () => "There is no room to start in.",
  "no-locks": () => "There is no lock yet. Add one with a question.",
  "no-way-out": () => "No lock leads out, so nobody can win.",
  "no-escape": ([name, why]) =>
    why === undefined
      ? "Nobody can get out: the locks on the way wait for each other."
      : `Nobody can get out: the lock ${name ? `“${name}” ` : ""}${NO_ESCAPE[why] ?? ""}.`,
  "lock-unasked": () => "This lock has no question yet, so it stays locked.",
  "lock-never-there": (values) => `This waits for ${need(values)}, and nothing ever provides that.`,
  "lock-on-itself": (values) => {
    const ring = values.slice(3).map((name) => name || "a lock");
    return ring.length > 1
      ? `These wait on each other, so none can be opened: ${ring.join(", ")}. This one waits for ${need(values)}.`
      : `This waits on itself: it needs ${need(values)}, which only comes from opening it.`;
  },
  "lock-behind": (values) =>
    `This can’t be opened: it needs ${need(values)}, which comes from ${values[3] || "a lock"}, and that can’t be opened either.`,
  "lock-empty": () => "Nothing can open this lock yet.",
  "thing-never-seen": (values) => `Nobody ever sees this: it needs ${need(values)}.`,
  "thing-unused": () =>
    "This is a clue for no lock. Say for which one, or that it is only to be looked at.",
  "piece-unused": ([text]) =>
    text ? `The key piece ${text} fits no lock yet.` : "This key piece fits no lock yet.",
  "room-never-entered": () => "No lock opens the way to this room.",
  "room-leads-nowhere": () => "There is nothing in this room that leads any further.",
  "lock-does-nothing": () => "Opening this lock does nothing.",
  "effect-nowhere": () => "Opening this lock names something that is not there any more.",
  "cover-stays": () => "No lock takes this cover away.",
  "place-without-picture": () => "This has a place on a picture, and its room has none.",
  "same-place": ([other]) =>
    `This lies on the same place as ${other || "another"}: only one can be pressed.`,
  "no-wheels": () =>
    "Its answer can’t be set on letter wheels: they take up to twelve letters or digits.",
  "few-settings": ([settings]) =>
    `Its wheels have only ${settings} settings: they are soon tried one by one.`,
  "short-clock": ([seconds, least, most]) =>
    `The clock has ${Math.round(Number(seconds) / 60)} minutes; this is likely to take ${Math.round(Number(least) / 60)} to ${Math.round(Number(most) / 60)}.`,
};

/** What its own mends are called. */
export const escapeMends: Record<string, (values: string[]) => string> = {
  "no-rooms": () => "Add a room",
  "no-way-out": () => "The last lock leads out",
  "lock-never-there": mendOfNeed,
  "lock-on-itself": mendOfNeed,
  "thing-never-seen": (values) =>
    values[0] === "HELP" ? "Let it be there from the start" : mendOfNeed(values),
  "lock-empty": () => "Let it take what there is",
  "piece-unused": () => "Remove the key piece",
  "cover-stays": () => "Remove the cover",
  "room-leads-nowhere": () => "Remove the room",
  "few-settings": () => "Close a lock for ten seconds after a wrong try",
  "thing-unused": () => "It is only to be looked at",
  "room-never-entered": () => "Open it from the start",
  "effect-nowhere": () => "Remove that",
  "place-without-picture": () => "Put it beside the picture",
  "no-wheels": () => "Let it be typed",
};
