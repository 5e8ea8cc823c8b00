import { useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { ApiProblem } from "../api/client";
import { openFrontSitting, readFrontSitting, sendFrontMove } from "../api/teacher";
import { LocalGame } from "../engine/LocalGame";
import type { Player } from "../engine/player";
import { isReport } from "../games/reports";
import type {
  ActionUnion,
  FrontSitting,
  HappeningUnion,
  Move,
  MoveAnswer,
  Played,
  Showing,
} from "../generated/types";
import { Outbox } from "../sending/outbox";
import { received } from "../stage/clock";
import { afterTheBell, atTheBell } from "./bell";
import { frontChannel } from "./channel";
import { frontMoves, unsentOf } from "./unsent";

/** A play at the front: it runs on this device, and its moves follow to the server. */
export interface FrontGame extends Player {
  /** Takes back the last move that still stands. */
  back: () => void;
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
    received((game.current as LocalGame).show("projector")),
  );
  const box = useRef<Outbox<MoveAnswer>>(undefined);
  const [waiting, setWaiting] = useState(0);
  const [cutOff, setCutOff] = useState(false);
  const [happened, setHappened] = useState<HappeningUnion[]>([]);
  const tell = useRef<() => void>(undefined);
  const leaves = useRef<() => void>(undefined);
  // Before anything that a move needs is closed.
  useEffect(() => {
    const leave = () => leaves.current?.();
    window.addEventListener("pagehide", leave);
    return () => {
      window.removeEventListener("pagehide", leave);
      leave();
    };
  }, []);

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
    return () => {
      tell.current = undefined;
      channel.close();
    };
  }, [sitting]);

  useEffect(() => {
    const moves = new Outbox(frontMoves(sitting.sitting), {
      send: ({ move }) => sendFrontMove(sitting.sitting, move),
      sent: () => setWaiting(moves.waiting.length),
      refused: (error) => {
        if (error instanceof ApiProblem) setCutOff(true);
        return false;
      },
    });
    box.current = moves;
    moves.now();
    return () => moves.close();
  }, [sitting.sitting]);

  const act = useCallback((action: ActionUnion) => {
    const turn = (game.current as LocalGame).act(action);
    if (turn.refusal) return turn.refusal;
    setHappened(turn.happenings);
    box.current?.put(turn.move);
    setShowing(received((game.current as LocalGame).show("projector")));
    setWaiting(box.current?.waiting.length ?? 0);
    tell.current?.();
    return undefined;
  }, []);
  leaves.current = () => {
    const hold = atTheBell(sitting.sitting, (game.current as LocalGame).show("projector"));
    if (hold) act(hold);
  };
  useEffect(() => {
    const run = afterTheBell(sitting.sitting, (game.current as LocalGame).show("projector"));
    if (run) act(run);
  }, [sitting.sitting, act]);
  const back = useCallback(() => {
    const last = lastStanding((game.current as LocalGame).log.map((p) => p.move));
    if (last) act({ kind: "take-back", move: last.key });
  }, [act]);
  const refresh = useCallback(
    () => setShowing(received((game.current as LocalGame).show("projector"))),
    [],
  );
  return { showing, act, happened, back, refresh, waiting, cutOff };
}

/** What an earlier page did in this game and the server doesn't know yet. */
function leftOf({ sitting, moves }: FrontSitting): Played[] {
  const known = new Set(moves.map((played) => played.move.key));
  return unsentOf(sitting).filter((played) => !known.has(played.move.key));
}

/** The last move that was not taken back; one that only reports never is. */
export function lastStanding(moves: Move[]): Move | undefined {
  const standing: Move[] = [];
  for (const move of moves) {
    if (move.action.kind === "take-back") standing.pop();
    else if (!isReport(move.action)) standing.push(move);
  }
  return standing.at(-1);
}
