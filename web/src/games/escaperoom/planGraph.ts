import type { EscapeRoom } from "../../generated/types";
import { locksOf, type One, roomIn } from "./escaping";

/** Something on the plan: what stands on the sheet, the way in, the way out. */
export interface PlanNode {
  id: string;
  kind: One["kind"] | "out" | "way-in";
  /** The room it stands in; nothing for what stands in none. */
  room?: string;
}

/** What leads to what on the plan; what only helps is drawn lighter. */
export interface PlanEdge {
  from: string;
  to: string;
  helps: boolean;
  /** Only to lay it out: who comes in finds it first. */
  unseen?: boolean;
}

export interface PlanGraph {
  rooms: string[];
  nodes: PlanNode[];
  edges: PlanEdge[];
}

export const OUT = " out";
const wayIn = (room: string) => ` in ${room}`;

/** The plan as what leads to what, whatever it looks like. */
export function graphOf(game: EscapeRoom): PlanGraph {
  const locks = locksOf(game);
  const nodes = new Map<string, PlanNode>();
  const edges: PlanEdge[] = [];
  const add = (node: PlanNode) => nodes.set(node.id, node);
  const join = (from: string, to: string, helps = false) => {
    const known = edges.some((edge) => edge.from === from && edge.to === to);
    if (nodes.has(from) && nodes.has(to) && from !== to && !known) edges.push({ from, to, helps });
  };
  for (const thing of game.things) {
    add({ id: thing.id, kind: "thing", room: roomIn(game, thing.room) });
  }
  for (const cover of game.covers) {
    add({ id: cover.id, kind: "cover", room: roomIn(game, cover.room) });
  }
  for (const lock of locks) add({ id: lock.id, kind: "lock", room: roomIn(game, lock.room) });
  for (const piece of game.pieces) add({ id: piece.id, kind: "piece" });
  for (const room of game.rooms) add({ id: wayIn(room.id), kind: "way-in", room: room.id });
  if (locks.some((lock) => lock.does.some(({ kind }) => kind === "leads-out"))) {
    add({ id: OUT, kind: "out" });
  }
  for (const lock of locks) {
    for (const effect of lock.does) {
      switch (effect.kind) {
        case "uncovers":
          join(lock.id, effect.cover);
          break;
        case "brings":
          join(lock.id, effect.thing);
          break;
        case "gives":
          join(lock.id, effect.piece);
          break;
        case "opens-way":
          join(lock.id, wayIn(effect.room));
          break;
        case "leads-out":
          join(lock.id, OUT);
      }
    }
    if (lock.by.kind === "pieces") for (const piece of lock.by.order) join(piece, lock.id);
    if (lock.by.kind === "locks") for (const other of lock.by.locks) join(other, lock.id);
    if (lock.under) join(lock.under, lock.id);
  }
  for (const thing of game.things) {
    if (thing.under) join(thing.under, thing.id);
    for (const lock of thing.helps) join(thing.id, lock, true);
  }
  const reached = new Set(edges.map(({ to }) => to));
  for (const { id, room, kind } of nodes.values()) {
    if (room !== undefined && kind !== "way-in" && !reached.has(id)) {
      edges.push({ from: wayIn(room), to: id, helps: false, unseen: true });
    }
  }
  return { rooms: game.rooms.map(({ id }) => id), nodes: [...nodes.values()], edges };
}
