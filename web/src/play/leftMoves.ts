import { useEffect, useState } from "react";
import { worthTryingAgain } from "../api/client";
import { endDevice } from "../api/join";
import { sendMove } from "../api/learner";
import type { Move } from "../generated/types";
import { kept, keptNames, Outbox, type Waiting } from "../sending/outbox";
import { forgetAllOf, type Remembered } from "./remembered";

/**
 * Learners' moves that have not arrived, each list under its sitting and the token of whose it is: on
 * a tablet that goes round they are sent as hers, whoever has it by then, and count for nobody else.
 */

const PREFIX = "bravium.unsent.";
const LEFT = "bravium.left-class";
const AGAIN_MILLIS = 5_000;

/** The move, with how long the device could not reach the server with it: that is made up for. */
export function held({ move, since }: Waiting): Move {
  const { action } = move;
  return since === undefined || action.kind !== "answer"
    ? move
    : { ...move, action: { ...action, held: Date.now() - since } };
}

type Owner = Pick<Remembered, "sitting" | "token">;

/** The lists that a page sends itself, because the game is open on it. */
const open = new Set<string>();

/** The lists of games that are not open on this page. */
const leftNames = () =>
  keptNames(PREFIX).filter((name) => !open.has(name) && name.slice(PREFIX.length).includes("."));

const nameOf = ({ sitting, token }: Owner) => `${PREFIX}${sitting}.${token}`;

/** What the moves of a game that is open from now on are kept under. */
export function takenUp(owner: Owner): string {
  const name = nameOf(owner);
  open.add(name);
  const before = PREFIX + owner.sitting;
  if (kept(before).length > 0) {
    // An earlier Bravium kept them without whose they are.
    localStorage.setItem(name, localStorage.getItem(before) ?? "[]");
    localStorage.removeItem(before);
  }
  return name;
}

/** The game is open no more; what has not arrived waits for {@link sendLeft}. */
export function laidDown(owner: Owner) {
  open.delete(nameOf(owner));
  // It may be opened again in the same breath.
  setTimeout(sendLeft);
}

/** How many moves wait of whom this token belongs to. */
const leftOf = (token: string) =>
  keptNames(PREFIX)
    .filter((name) => name.endsWith(`.${token}`))
    .reduce((sum, name) => sum + kept(name).length, 0);

const LOOK_MILLIS = 1_000;

/** Of how many games something waits that are not open on this page. */
export function useLeft(): number {
  const [left, setLeft] = useState(() => leftNames().length);
  useEffect(() => {
    const look = setInterval(() => setLeft(leftNames().length), LOOK_MILLIS);
    return () => clearInterval(look);
  }, []);
  return left;
}

/** Somebody who left a class on this device; her token is ended there once nothing waits under it. */
interface Left {
  code: string;
  token: string;
}

function leavers(): Left[] {
  try {
    return JSON.parse(localStorage.getItem(LEFT) ?? "[]");
  } catch {
    return [];
  }
}

function keepLeavers(left: Left[]) {
  try {
    if (left.length === 0) localStorage.removeItem(LEFT);
    else localStorage.setItem(LEFT, JSON.stringify(left));
  } catch {
    // Without storage nothing was held.
  }
}

/** The device forgets what it held for her; what she did and hasn't arrived is sent as hers first. */
export function leave(token: string, code?: string) {
  forgetAllOf(token);
  if (code !== undefined) keepLeavers([...leavers(), { code, token }]);
  sendLeft();
}

let sending: Promise<void> | undefined;
let again: ReturnType<typeof setTimeout> | undefined;

/** Sends what waits of games that are not open here, as far as it can be sent now. */
export function sendLeft(): Promise<void> {
  clearTimeout(again);
  sending ??= sendAll().finally(() => {
    sending = undefined;
    if (leftNames().length > 0 || leavers().length > 0) {
      again = setTimeout(sendLeft, AGAIN_MILLIS);
    }
  });
  return sending;
}

async function sendAll() {
  for (const name of leftNames()) await sendOne(name);
  for (const left of leavers()) {
    if (leftOf(left.token) > 0) continue;
    try {
      await endDevice(left.code, left.token);
    } catch (error) {
      if (worthTryingAgain(error)) continue;
      // It is known there no more: it has ended.
    }
    keepLeavers(leavers().filter(({ token }) => token !== left.token));
  }
}

/** Sends a list to its end, or until something can't be sent. What the server refuses came too late. */
function sendOne(name: string): Promise<void> {
  const [sitting = "", token = ""] = name.slice(PREFIX.length).split(".");
  return new Promise((resolve) => {
    const done = () => {
      box.close();
      resolve();
    };
    const box = new Outbox(name, {
      send: (waiting) => sendMove(sitting, token, held(waiting)),
      sent: () => box.waiting.length === 0 && done(),
      waits: done,
      refused: () => {
        if (box.waiting.length <= 1) setTimeout(done);
        return true;
      },
    });
    if (box.waiting.length === 0) done();
    else box.now();
  });
}
