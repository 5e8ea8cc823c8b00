import type { Activity, Opening, Played } from "../generated/types";

/** What the projector's window tells the teacher's own: the whole log, so that it can come late. */
export interface FrontState {
  activity: Activity;
  opening: Opening;
  log: Played[];
}

type Message = { asks: true } | { state: FrontState };

/** The teacher's two windows of one sitting, side by side in the same browser. */
export function frontChannel(sitting: string, told: (message: Message) => void) {
  const channel = new BroadcastChannel(`bravium front ${sitting}`);
  channel.onmessage = (event: MessageEvent<Message>) => told(event.data);
  return {
    ask: () => channel.postMessage({ asks: true } satisfies Message),
    tell: (state: FrontState) => channel.postMessage({ state } satisfies Message),
    close: () => channel.close(),
  };
}
