import { useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { ApiProblem, worthTryingAgain } from "../api/client";
import { openFrontSitting, readFrontSitting, sendFrontMove } from "../api/teacher";
import { LocalGame } from "../engine/LocalGame";
import type {
  ActionUnion,
  FrontSitting,
  HappeningUnion,
  Move,
  Played,
  Refusal,
  Showing,
} from "../generated/types";
import { frontChannel } from "./channel";
import { keepUnsent, unsentOf } from "./unsent";

const AGAIN_MILLIS = 3_000;

/** A play at the front: it runs on this device, and its moves follow to the server. */
export interface FrontGame {
  showing: Showing;
  /** Says why where it was not taken. */
  act: (action: ActionUnion) => Refusal | undefined;
  /** What came of the last move. */
  happened: HappeningUnion[];
  /** Looks again: when the time is up, for instance. */
  refresh: () => void;
  /** Takes back the last move that still stands. */
  back: () => void;
  /** Moves that have not reached the server yet. */
  waiting: number;
  /** The server no longer takes them; the game goes on here. */
  cutOff: boolean;
}

/** Opens a sitting, or comes back to the one in the address after a reload. */
export function useFrontSitting(
  activity: string,
  sitting: string | null,
  only?: string,
  ready = true,
) {
  return useQuery({
    queryKey: ["front", activity, sitting],
    queryFn: () => (sitting ? readFrontSitting(sitting) : openFrontSitting(activity, only)),
    enabled: ready,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
    refetchOnWindowFocus: false,
  });
}

/** Plays a sitting on this device's engine. */
export function useFrontGame(sitting: FrontSitting): FrontGame {
  const game = useRef<LocalGame>(undefined);
  const [left] = useState(() => leftOf(sitting));
  game.current ??= LocalGame.rebuild(sitting.activity, sitting.opening, [
    ...sitting.moves,
    ...left,
  ]);
  const [showing, setShowing] = useState<Showing>(() =>
    (game.current as LocalGame).show("projector"),
  );
  const queue = useRef<Played[]>(left);
  const sending = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const [waiting, setWaiting] = useState(0);
  const [cutOff, setCutOff] = useState(false);
  const [happened, setHappened] = useState<HappeningUnion[]>([]);
  const tell = useRef<() => void>(undefined);
  useEffect(() => {
    if (typeof BroadcastChannel === "undefined") return;
    const channel = frontChannel(sitting.sitting, (message) => {
      if ("asks" in message) tell.current?.();
    });
    tell.current = () =>
      channel.tell({
        activity: sitting.activity,
        opening: sitting.opening,
        log: (game.current as LocalGame).log,
      });
    return channel.close;
  }, [sitting]);

  const send = useCallback(async () => {
    if (sending.current) return;
    sending.current = true;
    try {
      for (let next = queue.current[0]; next; next = queue.current[0]) {
        await sendFrontMove(sitting.sitting, next.move);
        queue.current.shift();
        keepUnsent(sitting.sitting, queue.current);
        setWaiting(queue.current.length);
      }
    } catch (error) {
      if (worthTryingAgain(error)) timer.current = setTimeout(send, AGAIN_MILLIS);
      else if (error instanceof ApiProblem) setCutOff(true);
    } finally {
      sending.current = false;
    }
  }, [sitting.sitting]);
  useEffect(() => {
    if (queue.current.length > 0) send();
    return () => clearTimeout(timer.current);
  }, [send]);

  const act = useCallback(
    (action: ActionUnion) => {
      const turn = (game.current as LocalGame).act(action);
      if (turn.refusal) return turn.refusal;
      setHappened(turn.happenings);
      queue.current.push({ move: turn.move, at: Date.now() });
      keepUnsent(sitting.sitting, queue.current);
      setShowing((game.current as LocalGame).show("projector"));
      setWaiting(queue.current.length);
      clearTimeout(timer.current);
      send();
      tell.current?.();
      return undefined;
    },
    [send, sitting.sitting],
  );
  const back = useCallback(() => {
    const last = lastStanding((game.current as LocalGame).log.map((p) => p.move));
    if (last) act({ kind: "take-back", move: last.key });
  }, [act]);
  const refresh = useCallback(() => setShowing((game.current as LocalGame).show("projector")), []);
  return { showing, act, happened, back, refresh, waiting, cutOff };
}

/** What an earlier page did in this game and the server doesn't know yet. */
function leftOf({ sitting, moves }: FrontSitting): Played[] {
  const known = new Set(moves.map((played) => played.move.key));
  return unsentOf(sitting).filter((played) => !known.has(played.move.key));
}

/** The last move that was not taken back. */
export function lastStanding(moves: Move[]): Move | undefined {
  const standing: Move[] = [];
  for (const move of moves) {
    if (move.action.kind === "take-back") standing.pop();
    else standing.push(move);
  }
  return standing.at(-1);
}
