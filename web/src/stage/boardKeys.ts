import type { KeyboardEvent } from "react";
import { arrowOf } from "../ui/arrows";

/** Where on the screen something stands. */
export interface Place {
  x: number;
  y: number;
}

/** What lies aside is this much farther than what lies ahead. */
const ASIDE = 2;

/** The nearest of several places in the direction of an arrow key; nothing where none lies there. */
export function nearest<P extends Place>(from: Place, others: P[], key: string): P | undefined {
  const way = arrowOf(key);
  if (!way) return undefined;
  let found: P | undefined;
  let least = Number.POSITIVE_INFINITY;
  for (const other of others) {
    const [dx, dy] = [other.x - from.x, other.y - from.y];
    const ahead = dx * way[0] + dy * way[1];
    const aside = Math.abs(dx * way[1]) + Math.abs(dy * way[0]);
    const far = ahead + ASIDE * aside;
    if (ahead > 0 && far < least) [found, least] = [other, far];
  }
  return found;
}

const placeOf = (element: HTMLElement) => {
  const { left, top, width, height } = element.getBoundingClientRect();
  return { x: left + width / 2, y: top + height / 2, element };
};

/** What can be picked on a board is marked with this. */
export const PICKED = { "data-pick": "" };
const pickable = (board: ParentNode) =>
  [...board.querySelectorAll<HTMLElement>("[data-pick]")].filter((one) => one.offsetParent);

/** Arrows go from one thing that can be picked to the nearest that way; Enter is the button's own. */
export function moveOnBoard(event: KeyboardEvent<HTMLElement>) {
  if (!arrowOf(event.key) || event.altKey || event.ctrlKey || event.metaKey) return;
  event.preventDefault();
  event.stopPropagation();
  const others = pickable(event.currentTarget).map(placeOf);
  nearest(placeOf(event.target as HTMLElement), others, event.key)?.element.focus();
}

/** Goes to the line in which something is entered, if there is one: there it is the next thing. */
export const toEntry = () => document.querySelector<HTMLElement>("[data-entry]")?.focus();

/** What plays and pauses a film is marked with this. */
export const PLAYS = { "data-plays": "" };
const playing = () => document.querySelector<HTMLElement>("[data-plays]");

/** Whether a film is played here. */
export const filmThere = () => playing() !== null;

/** Goes to the board from wherever the focus is; where a film is played, it plays or pauses. */
export const toBoard = () => {
  const film = playing();
  if (film) film.click();
  else pickable(document)[0]?.focus();
};
