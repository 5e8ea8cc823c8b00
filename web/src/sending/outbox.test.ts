// @vitest-environment jsdom
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { ApiProblem, Offline } from "../api/client";
import type { Move } from "../generated/types";
import { kept, Outbox } from "./outbox";

const NAME = "bravium.test";
const move = (key: string): Move => ({ key, by: "player", action: { kind: "start" } });

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
});
afterEach(() => vi.useRealTimers());

/** A server that is away for so many tries. */
function server(awayFor: number) {
  const came: string[] = [];
  let tries = 0;
  const send = async ({ move: { key } }: { move: Move }) => {
    if (tries++ < awayFor) throw new Offline();
    came.push(key);
    return key;
  };
  return { came, send };
}

test("moves arrive in their order, each once, however long the network is away", async () => {
  const { came, send } = server(3);
  const waits = vi.fn();
  const box = new Outbox(NAME, { send, waits, refused: () => true });
  box.put(move("1"));
  box.put(move("2"));
  await vi.advanceTimersByTimeAsync(60_000);

  expect(came).toEqual(["1", "2"]);
  expect(waits).toHaveBeenCalledTimes(3);
  expect(kept(NAME)).toEqual([]);
});

test("what waits outlives the page, with when it could first not be sent", async () => {
  const away = server(99);
  const first = new Outbox(NAME, { send: away.send, refused: () => true });
  first.put(move("1"));
  await vi.advanceTimersByTimeAsync(10);
  first.close();
  await vi.advanceTimersByTimeAsync(60_000);
  const since = kept(NAME)[0]?.since;
  expect(since).toBeDefined();

  const there = server(0);
  const again = new Outbox(NAME, { send: there.send, refused: () => true });
  expect(again.waiting[0]?.since).toBe(since);
  again.now();
  await vi.advanceTimersByTimeAsync(10);
  expect(there.came).toEqual(["1"]);
});

test("when the network is back nobody waits for the next try", async () => {
  const { came, send } = server(1);
  new Outbox(NAME, { send, refused: () => true }).put(move("1"));
  await vi.advanceTimersByTimeAsync(10);
  window.dispatchEvent(new Event("online"));
  await vi.advanceTimersByTimeAsync(10);
  expect(came).toEqual(["1"]);
});

test("a move that the server does not take is given up, or holds the others", async () => {
  const send = async ({ move: { key } }: { move: Move }) => {
    if (key === "1") throw new ApiProblem(409, "not-open", "It is over.");
    return key;
  };
  const sent = vi.fn();
  const goesOn = new Outbox(NAME, { send, sent, refused: () => true });
  goesOn.put(move("1"));
  goesOn.put(move("2"));
  await vi.advanceTimersByTimeAsync(10);
  expect(sent.mock.calls.map(([answer]) => answer)).toEqual(["2"]);

  const holds = new Outbox(NAME, { send, sent, refused: () => false });
  holds.put(move("1"));
  holds.put(move("3"));
  await vi.advanceTimersByTimeAsync(10);
  expect(holds.waiting.map((waiting) => waiting.move.key)).toEqual(["1", "3"]);
});
