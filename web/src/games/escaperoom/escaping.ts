import { randomId } from "../../engine/randomId";
import { limits } from "../../generated/limits";
import type {
  Activity,
  Area,
  EffectUnion,
  EscapeRoom,
  KeyPiece,
  Lock,
  OpenerUnion,
  Room,
  RoomCover,
  RoomThing,
} from "../../generated/types";
import { blankQuestion } from "../../questions/blankQuestion";
import { plainOf } from "../../rich/words";

/** Changes of an escape room, as pure functions for the editor's store. */
type Edit = (activity: Activity) => Activity;

export const MOST = limits.EscapeRoom;

/** The escape of an activity; nothing where it is another game. */
export const escapeOf = ({ game }: Activity): EscapeRoom | undefined =>
  game.kind === "escape-room" ? game : undefined;

/** Changes the game. */
export const changeEscape =
  (change: (game: EscapeRoom) => Partial<EscapeRoom>): Edit =>
  (activity) => {
    const game = escapeOf(activity);
    return game
      ? { ...activity, game: { ...game, ...change(game), kind: "escape-room" } }
      : activity;
  };

const ANSWERED: OpenerUnion = { kind: "answer", wheels: false };

/** The room of something; the first where its own isn't there. */
export const roomIn = ({ rooms }: EscapeRoom, id: string): string | undefined =>
  (rooms.find((room) => room.id === id) ?? rooms[0])?.id;

/**
 * All locks in the order of the sheet; a question of which nothing is written yet has a lock in the
 * first room, and one that is switched off keeps its own.
 */
export function locksOf(game: EscapeRoom): Lock[] {
  const { locks, questions, rooms } = game;
  const asked = new Set(questions.filter((q) => q.kind !== "information").map(({ id }) => id));
  const written = locks.filter(({ id, by }) => by.kind !== "answer" || asked.has(id));
  const known = new Set(written.map(({ id }) => id));
  const fresh = [...asked]
    .filter((id) => !known.has(id))
    .map((id): Lock => ({ id, room: rooms[0]?.id ?? "", name: "", by: ANSWERED, does: [] }));
  return [...written, ...fresh];
}

/** The question that opens a lock, if one does. */
export const questionOf = ({ questions }: EscapeRoom, lock: Lock) =>
  lock.by.kind === "answer" ? questions.find(({ id }) => id === lock.id) : undefined;

/** Changes one lock; one of which nothing was written is written with it. */
export const changeLock = (id: string, change: (lock: Lock) => Partial<Lock>): Edit =>
  changeEscape((game) => {
    const lock = locksOf(game).find((one) => one.id === id);
    if (!lock) return {};
    const changed = { ...lock, ...change(lock) };
    const there = game.locks.some((one) => one.id === id);
    return {
      locks: there
        ? game.locks.map((one) => (one.id === id ? changed : one))
        : [...game.locks, changed],
    };
  });

type Listed = "rooms" | "things" | "covers" | "pieces";

/** Changes one of a list. */
const changeIn =
  <T extends { id: string }>(list: Listed) =>
  (id: string, part: Partial<T>): Edit =>
    changeEscape((game) => ({
      [list]: game[list].map((one) => (one.id === id ? { ...one, ...part } : one)),
    }));

export const changeRoom = changeIn<Room>("rooms");
export const changeThing = changeIn<RoomThing>("things");
export const changeCover = changeIn<RoomCover>("covers");
export const changePiece = changeIn<KeyPiece>("pieces");

const add = <T>(list: Listed, one: T): Edit =>
  changeEscape((game) =>
    game[list].length < MOST[list].most ? { [list]: [...game[list], one] } : {},
  );

export const addRoom = (id = randomId()): Edit => add("rooms", { id, name: "", open: false });

export const addThing = (room: string, id = randomId()): Edit =>
  add("things", { id, room, name: "", helps: [], scenery: false });

export const addPiece = (id = randomId(), text = ""): Edit =>
  add("pieces", { id, text, strip: false });

/** Where something new lies on a picture until it is moved. */
const middle = (id: string): Area => ({
  id,
  name: "",
  form: "rectangle",
  corners: [
    { x: 400, y: 400 },
    { x: 600, y: 600 },
  ],
  right: true,
});

export const addCover = (room: string, id = randomId()): Edit =>
  add("covers", { id, room, name: "", place: middle(id) });

/** A lock that an answer opens: a question comes with it. */
export const addLock = (room: string, id = randomId()): Edit =>
  changeEscape(({ locks, questions }) =>
    questions.length < MOST.questions.most && locks.length < MOST.locks.most
      ? {
          questions: [...questions, blankQuestion(id)],
          locks: [...locks, { id, room, name: "", by: ANSWERED, does: [] }],
        }
      : {},
  );

/** A lock that something else opens. */
export const addOther = (room: string, by: "pieces" | "locks", id = randomId()): Edit =>
  changeEscape(({ locks, pieces }) =>
    locks.length < MOST.locks.most
      ? {
          locks: [
            ...locks,
            {
              id,
              room,
              name: "",
              by:
                by === "pieces"
                  ? { kind: "pieces", order: pieces.map((piece) => piece.id), hints: [] }
                  : { kind: "locks", locks: [] },
              does: [],
            },
          ],
        }
      : {},
  );

/** The id that a thing done names; nothing where it names none. */
export const namedBy = (effect: EffectUnion): string | undefined => {
  switch (effect.kind) {
    case "uncovers":
      return effect.cover;
    case "brings":
      return effect.thing;
    case "gives":
      return effect.piece;
    case "opens-way":
      return effect.room;
    case "leads-out":
      return undefined;
  }
};

/** Takes anything out, and every mention of it; what was in a room is then in the first. */
export const removeOne = (id: string): Edit =>
  changeEscape((game) => {
    const others = <T extends { id: string }>(list: T[]) => list.filter((one) => one.id !== id);
    const under = (one: string | undefined) => (one === id ? undefined : one);
    return {
      rooms: others(game.rooms),
      covers: others(game.covers),
      pieces: others(game.pieces),
      questions: others(game.questions),
      things: others(game.things).map((thing) => ({
        ...thing,
        under: under(thing.under),
        helps: thing.helps.filter((lock) => lock !== id),
      })),
      locks: others(game.locks).map((lock) => ({
        ...lock,
        under: under(lock.under),
        does: lock.does.filter((effect) => namedBy(effect) !== id),
        by: without(lock.by, id),
      })),
    };
  });

const without = (by: OpenerUnion, id: string): OpenerUnion => {
  switch (by.kind) {
    case "pieces":
      return { ...by, order: by.order.filter((piece) => piece !== id) };
    case "locks":
      return { ...by, locks: by.locks.filter((lock) => lock !== id) };
    case "answer":
      return by;
  }
};

/** Moves something up (-1) or down (1) among its kind. */
export const moveOne = (id: string, by: 1 | -1): Edit =>
  changeEscape((game) => {
    const moved = <T extends { id: string }>(list: T[]) => {
      const at = list.findIndex((one) => one.id === id);
      const one = list[at];
      const to = at + by;
      return !one || to < 0 || to >= list.length
        ? list
        : list.toSpliced(at, 1).toSpliced(to, 0, one);
    };
    const locks = locksOf(game);
    return {
      rooms: moved(game.rooms),
      things: moved(game.things),
      covers: moved(game.covers),
      pieces: moved(game.pieces),
      locks: locks.some((lock) => lock.id === id) ? moved(locks) : game.locks,
    };
  });

/** What is called by one name on the sheet, by its kind. */
export type One =
  | { kind: "room"; one: Room }
  | { kind: "thing"; one: RoomThing }
  | { kind: "cover"; one: RoomCover }
  | { kind: "piece"; one: KeyPiece }
  | { kind: "lock"; one: Lock };

/** Everything that stands in a room, in the order of the sheet. */
export const onesIn = (game: EscapeRoom, room: string): One[] => [
  ...game.things
    .filter((one) => roomIn(game, one.room) === room)
    .map((one): One => ({ kind: "thing", one })),
  ...game.covers
    .filter((one) => roomIn(game, one.room) === room)
    .map((one): One => ({ kind: "cover", one })),
  ...locksOf(game)
    .filter((one) => roomIn(game, one.room) === room)
    .map((one): One => ({ kind: "lock", one })),
];

/** The text of a lock's question, shortened. */
export const askedBy = (game: EscapeRoom, lock: Lock) =>
  plainOf(questionOf(game, lock)?.text ?? "").trim();
