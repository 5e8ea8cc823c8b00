import { useEffect, useRef, useState } from "react";
import type { EscapeOrders, EscapeRoom } from "../../generated/types";
import type { PlanLayout } from "./planLayout";

/** Typing goes on while the plan waits. */
const SETTLED_MILLIS = 200;

interface Said {
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
 * The layout of the plan and the number of orders, worked out beside the page. A plan that changes
 * while orders are counted is taken up anew.
 */
export function usePlan(game: EscapeRoom) {
  const [layout, setLayout] = useState<PlanLayout>();
  const [orders, setOrders] = useState<EscapeOrders>();
  const worker = useRef<Worker>(undefined);
  const shape = shapeOf(game);
  const latest = useRef(game);
  latest.current = game;
  // biome-ignore lint/correctness/useExhaustiveDependencies: with what the plan depends on
  useEffect(() => {
    const timer = setTimeout(() => {
      worker.current?.terminate();
      const fresh = new Worker(new URL("./planWorker.ts", import.meta.url), { type: "module" });
      worker.current = fresh;
      setOrders(undefined);
      fresh.onmessage = ({ data }: MessageEvent<Said>) => {
        if (data.layout) setLayout(data.layout);
        if (data.orders) setOrders(data.orders);
      };
      fresh.postMessage({ game: latest.current });
    }, SETTLED_MILLIS);
    return () => clearTimeout(timer);
  }, [shape]);
  useEffect(() => () => worker.current?.terminate(), []);
  return { layout, orders };
}
