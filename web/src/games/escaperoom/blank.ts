import { randomId } from "../../engine/randomId";
import type { Activity, EscapeRoom } from "../../generated/types";
import { blankQuestion } from "../../questions/blankQuestion";
import { blankActivity } from "../blankActivity";

type Begun = Pick<EscapeRoom, "rooms" | "locks" | "questions"> & Partial<EscapeRoom>;

const activityOf = (game: Begun): Activity =>
  blankActivity(
    {
      kind: "escape-room",
      things: [],
      covers: [],
      pieces: [],
      prices: { wrong: 0, closed: 0, hint: 0 },
      ...game,
    },
    {
      clock: { per: "game", seconds: 1_200 },
    },
  );

const answered = { kind: "answer", wheels: false } as const;
const room = (name: string) => ({ id: randomId(), name, open: false });

/** Three rooms in a row, a lock in each that opens the way to the next. */
export const inARow = (first: string): Activity => {
  const rooms = ["First room", "Second room", "Third room"].map(room);
  const ids = [first, randomId(), randomId()];
  return activityOf({
    rooms,
    locks: ids.map((id, i) => {
      const next = rooms[i + 1];
      return {
        id,
        room: rooms[i]?.id ?? "",
        name: next ? "The door" : "The way out",
        by: answered,
        does: [next ? { kind: "opens-way", room: next.id } : { kind: "leads-out" }],
      };
    }),
    questions: ids.map(blankQuestion),
  });
};

/** One room in which everything is open at once, and one final code. */
export const oneCode = (first: string): Activity => {
  const only = room("The room");
  const ids = [first, randomId(), randomId(), randomId(), randomId()];
  const pieces = ["A", "B", "C", "D", "E"].map((text) => ({ id: randomId(), text, strip: false }));
  const code = randomId();
  const order = [2, 0, 4, 3, 1].map((i) => pieces[i]);
  return activityOf({
    rooms: [only],
    pieces,
    things: [
      {
        id: randomId(),
        room: only.id,
        name: "A note",
        words: `The order is ${order.map((piece) => piece?.text).join(", ")}.`,
        helps: [code],
        scenery: false,
      },
    ],
    locks: [
      ...ids.map((id, i) => ({
        id,
        room: only.id,
        name: "",
        by: answered,
        does: [{ kind: "gives" as const, piece: pieces[i]?.id ?? "" }],
      })),
      {
        id: code,
        room: only.id,
        name: "The final lock",
        by: { kind: "pieces", order: order.map((piece) => piece?.id ?? ""), hints: [] },
        does: [{ kind: "leads-out" }],
      },
    ],
    questions: ids.map(blankQuestion),
  });
};

/** Two ways from the first room; what is found on both opens the way out. */
export const twoWays = (first: string): Activity => {
  const rooms = ["The hall", "Left room", "Right room"].map(room);
  const [hall, left, right] = rooms.map(({ id }) => id);
  const ids = [first, randomId(), randomId(), randomId()];
  const pieces = ["A", "B"].map((text) => ({ id: randomId(), text, strip: false }));
  const code = randomId();
  const places = [hall, hall, left, right];
  const does = [
    { kind: "opens-way" as const, room: left ?? "" },
    { kind: "opens-way" as const, room: right ?? "" },
    { kind: "gives" as const, piece: pieces[0]?.id ?? "" },
    { kind: "gives" as const, piece: pieces[1]?.id ?? "" },
  ];
  return activityOf({
    rooms,
    pieces,
    things: [
      {
        id: randomId(),
        room: hall ?? "",
        name: "A note",
        words: "First what lies on the right, then what lies on the left.",
        helps: [code],
        scenery: false,
      },
    ],
    locks: [
      ...ids.map((id, i) => ({
        id,
        room: places[i] ?? "",
        name: ["The left door", "The right door"][i] ?? "",
        by: answered,
        does: does.slice(i, i + 1),
      })),
      {
        id: code,
        room: hall ?? "",
        name: "The way out",
        by: { kind: "pieces", order: pieces.map(({ id }) => id).reverse(), hints: [] },
        does: [{ kind: "leads-out" }],
      },
    ],
    questions: ids.map(blankQuestion),
  });
};
