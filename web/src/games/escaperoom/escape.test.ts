import { describe, expect, test } from "vitest";
import { placed, putIn } from "../../build/edits";
import type { Activity, EscapeRoom, QuestionUnion } from "../../generated/types";
import { inARow, oneCode, twoWays } from "./blank";
import {
  addCover,
  addLock,
  addOther,
  addPiece,
  addRoom,
  addThing,
  changeLock,
  escapeOf,
  locksOf,
  moveOne,
  onesIn,
  removeOne,
} from "./escaping";
import { escapeRoom } from "./index";
import { graphOf, OUT } from "./planGraph";
import { laidOut } from "./planLayout";
import { escapeFindings, escapeMends, titleOf } from "./sheetWords";

const gameOf = (activity: Activity) => escapeOf(activity) as EscapeRoom;
const row = () => inARow("q1");

describe("starts", () => {
  test.each([
    ["a row", inARow, 3, 3],
    ["one code", oneCode, 1, 6],
    ["two ways", twoWays, 3, 5],
  ])("%s begins with its rooms and locks, one of which leads out", (_, start, rooms, locks) => {
    const game = gameOf(start("q1"));
    expect(game.rooms).toHaveLength(rooms);
    expect(locksOf(game)).toHaveLength(locks);
    const out = locksOf(game).filter((lock) => lock.does.some((e) => e.kind === "leads-out"));
    expect(out).toHaveLength(1);
    expect(game.questions[0]?.id).toBe("q1");
  });
});

describe("editing", () => {
  test("questions that are pasted go into the locks that wait for one", () => {
    const begun = twoWays("q1");
    const asked = { ...gameOf(begun).questions[0], text: "How many?" } as QuestionUnion;
    const pasted = placed(gameOf(begun).questions, "a note", Array(5).fill(asked));
    const game = gameOf(putIn("a note", pasted)(begun));
    expect(game.questions.map(({ text }) => text)).toEqual(Array(5).fill("How many?"));
    expect(game.locks).toEqual(gameOf(begun).locks);
    expect(locksOf(game)).toHaveLength(6);
  });

  test("a question that was pasted is a lock in the first room, written once it is changed", () => {
    const activity = row();
    const game = gameOf(activity);
    const pasted: Activity = {
      ...activity,
      game: {
        ...game,
        questions: [...game.questions, { ...game.questions[0], id: "new" }] as never,
      },
    };
    const fresh = locksOf(gameOf(pasted)).at(-1);
    expect(fresh).toMatchObject({ id: "new", room: game.rooms[0]?.id, does: [] });
    const named = changeLock("new", () => ({ name: "A chest" }))(pasted);
    expect(gameOf(named).locks.at(-1)).toMatchObject({ id: "new", name: "A chest" });
  });

  test("what is taken out is named nowhere any more, and what was in a room stays", () => {
    let activity = row();
    const [first, second] = gameOf(activity).rooms.map(({ id }) => id) as [string, string];
    activity = addThing(second, "note")(activity);
    activity = addCover(second, "cloth")(activity);
    activity = addPiece("p", "X")(activity);
    activity = addOther(second, "pieces", "code")(activity);
    activity = changeLock("code", () => ({ under: "cloth" }))(activity);
    expect(titleOf(gameOf(activity), "p")).toBe("X");
    for (const id of ["cloth", "p", second]) activity = removeOne(id)(activity);
    const game = gameOf(activity);
    const code = game.locks.find(({ id }) => id === "code");
    expect(code).toMatchObject({ under: undefined, by: { kind: "pieces", order: [] } });
    expect(onesIn(game, first).map(({ one }) => one.id)).toEqual(
      expect.arrayContaining(["note", "code"]),
    );
    expect(JSON.stringify(game.locks.map((lock) => lock.does))).not.toContain(second);
  });

  test("a lock goes with its question, and moves among the locks", () => {
    const activity = addLock(gameOf(row()).rooms[0]?.id ?? "", "last")(row());
    const moved = moveOne("last", -1)(activity);
    expect(
      locksOf(gameOf(moved))
        .map(({ id }) => id)
        .indexOf("last"),
    ).toBe(2);
    const without = escapeRoom.without?.(gameOf(activity), ["last"]);
    expect(without?.locks.some(({ id }) => id === "last")).toBe(false);
  });

  test("no more rooms than there may be", () => {
    let activity = row();
    for (let i = 0; i < 60; i++) activity = addRoom()(activity);
    expect(gameOf(activity).rooms).toHaveLength(50);
  });
});

describe("the plan", () => {
  test("leads from each lock to what it opens, and out", () => {
    const game = gameOf(row());
    const { nodes, edges } = graphOf(game);
    expect(nodes.filter(({ kind }) => kind === "lock")).toHaveLength(3);
    expect(edges.some(({ from, to }) => from === game.locks[2]?.id && to === OUT)).toBe(true);
    expect(edges.every(({ from, to }) => from !== to)).toBe(true);
  });

  test("is laid out the same every time, with everything inside its room", () => {
    const game = gameOf(twoWays("q1"));
    const layout = laidOut(graphOf(game));
    expect(laidOut(graphOf(game))).toEqual(layout);
    for (const node of layout.nodes) {
      const room = layout.rooms.find(({ id }) => id === node.room);
      if (!room) continue;
      expect(Math.abs(node.x - room.x) + node.width / 2).toBeLessThanOrEqual(room.width / 2 + 1);
      expect(Math.abs(node.y - room.y) + node.height / 2).toBeLessThanOrEqual(room.height / 2 + 1);
    }
  });

  test("a ring is laid out, too", () => {
    let activity = row();
    const [first, second] = gameOf(activity).locks.map(({ id }) => id) as [string, string];
    activity = addOther("", "locks", "ring")(activity);
    activity = changeLock("ring", () => ({
      by: { kind: "locks", locks: [first, "ring", second] },
    }))(activity);
    expect(laidOut(graphOf(gameOf(activity))).edges.length).toBeGreaterThan(3);
  });
});

test("every finding and mend has its sentence", () => {
  const values = ["ROOM", "r1", "The shed", "Gate", "Door"];
  const all = [...Object.entries(escapeFindings), ...Object.entries(escapeMends)];
  for (const [finding, said] of all) {
    const sentence = said(finding === "short-clock" ? ["60", "90", "120"] : values);
    expect(sentence).toMatch(/^[A-Z].*\w/);
    expect(sentence).not.toMatch(/undefined|NaN/);
  }
});
