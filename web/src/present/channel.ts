import type { Activity, Opening, Played } from "../generated/types";

/** What the projector's window tells the teacher's own: the whole log, so that it can come late. */
export interface FrontState {
  activity: Activity;
  opening: Opening;
  log: Played[];
}

/** What the teacher's own screen can lead the projector to. */
export type FrontCommand =
  | { kind: "next" | "back" | "strike" | "reveal" | "hint" | "clock" | "shutter" }
  | { kind: "turn"; team: number }
  | { kind: "points"; team: number; points: number };

type Message = { asks: true } | { state: FrontState } | { does: FrontCommand };

/** The teacher's two windows of one sitting, side by side in the same browser. */
export function frontChannel(sitting: string, told: (message: Message) => void) {
  const channel = new BroadcastChannel(`bravium front ${sitting}`);
  channel.onmessage = (event: MessageEvent<Message>) => told(event.data);
  return {
    ask: () => channel.postMessage({ asks: true } satisfies Message),
    lead: (does: FrontCommand) => channel.postMessage({ does } satisfies Message),
    tell: (state: FrontState) => channel.postMessage({ state } satisfies Message),
    close: () => channel.close(),
  };
}
