import type { Came, SeenLock, SeenRoom } from "../../generated/types";
import { plural } from "../../words/format";

/** What is read while an escape room is played. */
export const escapeWords = {
  facts: "Find out what opens each lock, and find the way out.",
  clockFacts: (wrong: number) =>
    wrong > 0 ? `A wrong try takes ${plural(wrong, "second")} from the clock.` : undefined,
  room: (room: SeenRoom, n: number) => room.name.trim() || `Room ${n}`,
  progress: (open: number) => `${plural(open, "lock")} open so far`,
  onPicture: "On the picture",
  beside: "Also here",
  inRoom: "In this room",
  nothing: "There is nothing here to look at.",
  rooms: "Where you can go",
  goTo: (room: string) => `Go to ${room}`,
  isNew: "new",
  thing: (name: string) => name.trim() || "Something",
  lock: (lock: SeenLock, n: number) => lock.name.trim() || `Lock ${n}`,
  states: {
    open: "open",
    locked: "locked",
    closed: "closed for a moment",
    given: "opened for you",
  },
  plainThing: "There is nothing more to see.",
  back: "Back to the room",
  asList: "Show as a list",
  asPicture: "Show the picture",
  zoomIn: "Closer",
  zoomOut: "Further away",
  cover: (name: string) => name.trim() || "Something is in the way",
  cord: "Key pieces",
  cordHow: "Pick one up, then choose where it goes.",
  piece: (text: string) => text || "a piece",
  slot: (n: number, of: number, text?: string) =>
    text === undefined ? `Place ${n} of ${of}, empty` : `Place ${n} of ${of}: ${text}`,
  moreNeeded: (n: number) => `${plural(n, "key piece")} still to be found.`,
  tryPieces: "Try this order",
  clearPieces: "Take all out",
  notThisOrder: "Not in this order.",
  locksTogether: "This opens by itself once everything that belongs to it is open.",
  closedFor: (seconds: number) => `Closed for ${plural(seconds, "second")}.`,
  unfinished: "This lock can’t be opened yet: its question isn’t finished.",
  openIt: "Open this lock",
  openItAsk: "The lock opens without an answer, and brings no points.",
  openItNot: "Leave it locked",
  wheel: (n: number) => `Wheel ${n}`,
  turnUp: (n: number) => `Turn wheel ${n} on`,
  turnDown: (n: number) => `Turn wheel ${n} back`,
  hint: (price: number, seconds: number) => {
    const costs = [
      ...(price > 0 ? [plural(price, "point")] : []),
      ...(seconds > 0 ? [plural(seconds, "second")] : []),
    ];
    return costs.length > 0 ? `A hint, for ${costs.join(" and ")}` : "A hint";
  },
  came: {
    uncovered: (name: string) => `${escapeName(name, "What was in the way")} is gone.`,
    brought: (name: string) => `You found something: ${escapeName(name, "something new")}.`,
    gave: (name: string) => `You have a key piece: ${name}.`,
    "opened-way": (name: string) => `The way is open: ${escapeName(name, "another room")}.`,
    "led-out": () => "You are out!",
  } satisfies Record<Came["what"], (name: string) => string>,
  nothingCame: "It is open.",
  openedNow: (name: string) => `${name} is open.`,
  openedForYou: (name: string) => `${name} was opened for you.`,
  stop: "Give up",
  stopAsk: "The escape ends here, and you are not out.",
  goOn: "Keep going",
  won: (points: number) => `You found the way out: ${plural(points, "point")}.`,
  lost: (open: number, of: number) =>
    `Not this time — you got through ${open} of ${plural(of, "lock")}`,
  timeUp: (open: number, of: number) =>
    `Out of time — you got through ${open} of ${plural(of, "lock")}`,
  livesUp: (open: number, of: number) =>
    `That was one wrong try too many — you got through ${open} of ${plural(of, "lock")}`,
  lostText: "Play again: you know some of it now.",
  notes: {
    title: "The locks",
    shut: "locked",
    unmet: "not found yet",
    open: "open",
    given: "opened by you",
    helps: (names: string[]) => `Clues: ${names.join(", ")}`,
    openHow: "To open a lock that the class is stuck at, go to it on the projector and press K.",
  },
};

const escapeName = (name: string, otherwise: string) => name.trim() || otherwise;
