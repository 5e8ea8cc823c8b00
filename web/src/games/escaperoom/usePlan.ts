import { useEffect, useRef, useState } from "react";
import type { EscapeOrders, EscapePlan, EscapeRoom } from "../../generated/types";
import type { PlanLayout } from "./planLayout";

/** Typing goes on while the plan waits. */
const SETTLED_MILLIS = 200;
/** Orders are counted once nothing has changed for longer: that takes a whole processor. */
const LATER_MILLIS = 1_500;

interface Said {
  plan?: EscapePlan;
  layout?: PlanLayout;
  orders?: EscapeOrders;
}

/** What of an escape its plan depends on: not what is typed into questions and things. */
const shapeOf = ({ rooms, things, covers, pieces, locks, questions }: EscapeRoom) =>
  JSON.stringify([
    rooms.map(({ id, open }) => [id, open]),
    things.map(({ words: _, name: __, place: ___, ...rest }) => rest),
    covers.map(({ id, room }) => [id, room]),
    pieces,
    locks.map(({ name: _, place: __, ...rest }) => rest),
    questions,
  ]);

/**
 * What can be said of the plan, its layout and the number of orders, worked out beside the page. A plan that changes
 * while orders are counted is taken up anew.
 */
export function usePlan(game: EscapeRoom) {
  const [drawn, setDrawn] = useState<{ plan: EscapePlan; layout: PlanLayout }>();
  const [orders, setOrders] = useState<EscapeOrders>();
  const worker = useRef<Worker>(undefined);
  const counting = useRef(false);
  const shape = shapeOf(game);
  const latest = useRef(game);
  latest.current = game;
  // biome-ignore lint/correctness/useExhaustiveDependencies: with what the plan depends on
  useEffect(() => {
    setOrders(undefined);
    const send = (counts: boolean) => {
      if (counting.current) worker.current?.terminate();
      if (counting.current || !worker.current) worker.current = begun();
      counting.current = counts;
      worker.current.postMessage({ game: latest.current, counts });
    };
    const begun = () => {
      const fresh = new Worker(new URL("./planWorker.ts", import.meta.url), { type: "module" });
      fresh.onmessage = ({ data }: MessageEvent<Said>) => {
        const { plan, layout } = data;
        if (plan && layout) setDrawn({ plan, layout });
        if (data.orders) {
          counting.current = false;
          setOrders(data.orders);
        }
      };
      return fresh;
    };
    const timers = [setTimeout(send, SETTLED_MILLIS, false), setTimeout(send, LATER_MILLIS, true)];
    return () => timers.forEach(clearTimeout);
  }, [shape]);
  useEffect(() => () => worker.current?.terminate(), []);
  return { ...drawn, orders };
}
