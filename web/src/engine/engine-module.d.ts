/**
 * The core, compiled for the browser: values of the format in and out. Where something doesn't
 * follow the format, the answer is an object with a problem in words.
 */
declare module "@engine" {
  import type {
    Activity,
    Difference,
    Dress,
    Finding,
    HappeningUnion,
    Look,
    Move,
    Named,
    Opening,
    Played,
    Readiness,
    Refusal,
    Showing,
  } from "../generated/types";

  type Answer<T> = T | { problem: string };

  /** The number of a play. */
  export function open(activity: Activity, opening: Opening): Answer<number>;
  export function rebuild(activity: Activity, opening: Opening, moves: Played[]): Answer<number>;
  export function close(play: number): void;
  export function play(
    play: number,
    move: Move,
    at: number,
  ): Answer<{ happenings: HappeningUnion[]; refusal?: Refusal; repeated: boolean }>;
  export function show(play: number, audience: string, at: number): Answer<Showing>;
  export function log(play: number): Answer<Played[]>;
  export function follow(play: number, activity: Activity): Answer<true>;
  export function aid(play: number, aid: string, at: number): Answer<true>;
  export function readiness(activity: Activity): Answer<Readiness>;
  export function mends(activity: Activity): Answer<Readiness>;
  export function mend(activity: Activity, finding: Finding): Answer<Activity>;
  export function differences(
    base: Activity,
    mine: Activity,
    theirs: Activity,
  ): Answer<Difference[]>;
  export function merge(mine: Activity, theirs: Activity, from: Difference[]): Answer<Activity>;
  export function ask(name: string, given: unknown[]): unknown;
  export function looks(): Answer<Named[]>;
  export function dress(look: Look): Answer<Dress>;
}
