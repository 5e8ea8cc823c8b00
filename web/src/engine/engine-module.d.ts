/** The core, compiled for the browser: JSON texts in, JSON texts out. */
declare module "@engine" {
  export function open(activity: string, opening: string): string;
  export function play(activity: string, sitting: string, move: string, at: number): string;
  export function show(activity: string, sitting: string, audience: string, at: number): string;
  export function rebuild(activity: string, opening: string, moves: string): string;
  export function follow(activity: string, sitting: string): string;
  export function aid(activity: string, sitting: string, aid: string, at: number): string;
  export function readiness(activity: string): string;
  export function mends(activity: string): string;
  export function readNumber(question: string): string;
  export function examples(question: string): string;
  export function mend(activity: string, finding: string): string;
  export function differences(base: string, mine: string, theirs: string): string;
  export function merge(mine: string, theirs: string, fromTheirs: string): string;
  export function apart(trail: string): string;
  export function along(trail: string, path: string): string;
  export function series(climb: string, unit: number): string;
  export function looks(): string;
  export function dress(look: string): string;
  export function judge(question: string, text: string): string;
}
