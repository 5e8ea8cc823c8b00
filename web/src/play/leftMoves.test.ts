// @vitest-environment jsdom
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { forgetMember, keepMember, memberOf, taskKey } from "../join/member";
import { Outbox } from "../sending/outbox";
import { laidDown, sendLeft, takenUp } from "./leftMoves";
import { remember, remembered } from "./remembered";

const CODE = "hazel1";

/** What came to the server, with whose token; nothing comes while it is away. */
let came: string[] = [];
let away = false;

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
  came = [];
  away = false;
  vi.stubGlobal("fetch", async (path: string, { method, headers, body }: RequestInit) => {
    if (away) throw new TypeError("away");
    const token = String(new Headers(headers).get("Authorization")).replace("Bearer ", "");
    const move = body ? JSON.parse(String(body)) : {};
    came.push([method, path, token, move.key].filter(Boolean).join(" "));
    return new Response(method === "DELETE" ? null : "{}", {
      status: method === "DELETE" ? 204 : 200,
    });
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const settle = () => vi.advanceTimersByTimeAsync(200);

/** A learner comes in, and her device plays a game of hers, in which something is answered. */
async function plays(name: string, sitting: string, key: string) {
  keepMember(CODE, { token: `of-${name}`, name });
  const hers = { token: `of-${name}`, sitting };
  remember(taskKey(CODE, "bees"), hers);
  const box = new Outbox(takenUp(hers), {
    send: async () => {
      throw new TypeError("away");
    },
    refused: () => false,
  });
  box.put({ key, by: "player", action: { kind: "start" } });
  await settle();
  box.close();
  laidDown(hers);
  await settle();
}

test("three children, one after another: what each did arrives as hers, and none finds another's game", async () => {
  away = true;
  for (const [i, name] of ["ada", "ben", "cleo"].entries()) {
    const token = `of-${name}`;
    expect(remembered(taskKey(CODE, "bees"), token)).toBeUndefined();
    await plays(name, `game${i}`, `move${i}`);
    forgetMember(CODE);
    await settle();
    expect(memberOf(CODE)).toBeUndefined();
    expect(localStorage.getItem(`bravium.play.${CODE}.bees`)).toBeNull();
  }
  expect(came).toEqual([]);

  away = false;
  await sendLeft();
  await vi.advanceTimersByTimeAsync(20_000);
  const moves = came.filter((one) => one.startsWith("POST"));
  expect(moves.toSorted()).toEqual([
    "POST /api/play/game0/moves of-ada move0",
    "POST /api/play/game1/moves of-ben move1",
    "POST /api/play/game2/moves of-cleo move2",
  ]);
  // Only then the device is nobody's any more.
  for (const name of ["ada", "ben", "cleo"]) {
    const left = came.indexOf(`DELETE /api/join/${CODE}/device of-${name}`);
    const moved = came.findIndex((one) => one.startsWith("POST") && one.includes(`of-${name}`));
    expect(left).toBeGreaterThan(moved);
  }
});

test("a game that is open sends its moves itself", async () => {
  const hers = { token: "t", sitting: "open1" };
  const name = takenUp(hers);
  localStorage.setItem(
    name,
    JSON.stringify([{ move: { key: "m", by: "player", action: { kind: "start" } }, at: 1 }]),
  );
  await sendLeft();
  expect(came).toEqual([]);
  laidDown(hers);
  await settle();
  expect(came).toEqual(["POST /api/play/open1/moves t m"]);
});

test("what an earlier Bravium kept without whose it is belongs to who takes the game up", () => {
  const kept = JSON.stringify([
    { move: { key: "m", by: "player", action: { kind: "start" } }, at: 1 },
  ]);
  localStorage.setItem("bravium.unsent.old1", kept);
  expect(localStorage.getItem(takenUp({ token: "t", sitting: "old1" }))).toBe(kept);
  expect(localStorage.getItem("bravium.unsent.old1")).toBeNull();
});
