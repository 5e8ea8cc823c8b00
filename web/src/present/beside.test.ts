// @vitest-environment jsdom
import { beforeEach, expect, test, vi } from "vitest";
import { ApiProblem, Offline } from "../api/client";
import type { BesidePage, Stroke } from "../generated/types";
import { useBeside } from "./beside";
import { sendBeside } from "./besideSending";

const stroke = (points = 20): Stroke => ({
  points: Array.from({ length: points * 3 }, (_, i) => i % 100),
  light: false,
});

const beside = () => useBeside.getState();

beforeEach(() => {
  localStorage.clear();
  useBeside.setState({
    sitting: "",
    strokes: {},
    open: [],
    keeps: true,
    unsent: [],
    unkept: undefined,
  });
});

test("strokes and flaps come back to the sitting they belong to, and to no other", () => {
  beside().load("one");
  beside().draw("page", [stroke()]);
  beside().turnFlap("page", true);
  beside().load("two");
  expect(beside().strokes).toEqual({});
  expect(beside().open).toEqual([]);
  beside().load("one");
  expect(beside().strokes.page).toHaveLength(1);
  expect(beside().open).toEqual(["page"]);
});

test("strokes that don't stay go when their page is left", () => {
  beside().load("one");
  beside().draw("page", [stroke()]);
  beside().leavePage("page");
  expect(beside().strokes.page).toHaveLength(1);
  beside().turnKeeps();
  beside().leavePage("page");
  expect(beside().strokes.page).toBeUndefined();
});

test("a flap is opened once, and turned by each press", () => {
  beside().load("one");
  beside().turnFlap("page", true);
  beside().turnFlap("page", true);
  expect(beside().open).toEqual(["page"]);
  beside().turnFlap("page");
  expect(beside().open).toEqual([]);
});

test("ten thousand strokes stay on the board, and it is said where they can't be kept", () => {
  beside().load("one");
  beside().draw(
    "page",
    Array.from({ length: 10_000 }, () => stroke(60)),
  );
  expect(beside().strokes.page).toHaveLength(10_000);
  expect(beside().unkept).toBe("here");
  beside().draw("page", []);
  expect(beside().unkept).toBeUndefined();
});

test("the oldest of many sittings are forgotten, and what is damaged is as if it weren't there", () => {
  for (let i = 0; i < 12; i++) {
    beside().load(`s${i}`);
    beside().draw("page", [stroke()]);
  }
  expect(Object.keys(localStorage)).toHaveLength(8);
  localStorage.setItem("bravium.beside.odd", "{");
  beside().load("odd");
  expect(beside().strokes).toEqual({});
});

test("what another device drew arrives, but for a page that was changed here and not sent yet", () => {
  beside().load("one");
  beside().draw("mine", [stroke()]);
  beside().turnFlap("mine", true);
  const theirs = { strokes: [stroke(), stroke()], open: true };
  beside().arrive({ mine: { strokes: [stroke(), stroke()], open: false }, theirs });
  expect(beside().strokes.mine).toHaveLength(1);
  expect(beside().strokes.theirs).toHaveLength(2);
  expect(beside().open.sort()).toEqual(["mine", "theirs"]);
  // What was wiped there is wiped here.
  beside().sent("mine", { strokes: beside().strokes.mine ?? [], open: true });
  beside().arrive({ theirs });
  expect(beside().strokes.mine).toBeUndefined();
});

const sending = async (keep: () => Promise<void>) => {
  beside().load("one");
  beside().draw("page", [stroke()]);
  const server = {
    read: vi.fn(async (): Promise<Record<string, BesidePage>> => ({})),
    keep: vi.fn(keep),
  };
  const end = sendBeside("one", server);
  await vi.waitFor(() => expect(server.keep).toHaveBeenCalled());
  await Promise.resolve();
  return { server, end };
};

test("whoever comes back to a board sees what was drawn at another meanwhile", async () => {
  const { server, end } = await sending(async () => undefined);
  await vi.waitFor(() => expect(beside().unsent).toEqual([]));
  const pages = { page: { strokes: [stroke(), stroke(), stroke()], open: false } };
  server.read.mockImplementation(async () => pages);
  document.dispatchEvent(new Event("visibilitychange"));
  await vi.waitFor(() => expect(beside().strokes.page).toHaveLength(3));
  end();
});

test("what is drawn goes to the server, and again when the network is back", async () => {
  let away = true;
  const { server, end } = await sending(async () => {
    if (away) throw new Offline();
  });
  expect(beside().unsent).toEqual(["page"]);
  away = false;
  await vi.waitFor(() => {
    window.dispatchEvent(new Event("online"));
    expect(beside().unsent).toEqual([]);
  });
  expect(server.keep).toHaveBeenLastCalledWith("one", "page", {
    strokes: beside().strokes.page,
    open: false,
  });
  end();
});

test("what the server refuses stays on this device, and that is said", async () => {
  const { server, end } = await sending(async () => {
    throw new ApiProblem(413, "too-large", "A page keeps up to 20,000 strokes.");
  });
  await vi.waitFor(() => expect(beside().unkept).toBe("there"));
  // What an earlier device left with the server doesn't take its place.
  beside().arrive({ page: { strokes: [], open: true } });
  expect(beside().strokes.page).toHaveLength(1);
  window.dispatchEvent(new Event("online"));
  await Promise.resolve();
  expect(server.keep).toHaveBeenCalledTimes(1);
  end();
});
