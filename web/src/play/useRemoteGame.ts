import { useCallback, useEffect, useRef, useState } from "react";
import { ApiProblem, worthTryingAgain } from "../api/client";
import { openSitting, readContributions, readSitting, sendMove } from "../api/learner";
import type { Player } from "../engine/player";
import { randomId } from "../engine/randomId";
import { isReport } from "../games/reports";
import type {
  ActionUnion,
  Contribution,
  HappeningUnion,
  LearnerSitting,
  Move,
  MoveAnswer,
  Showing,
} from "../generated/types";
import { Outbox, type Waiting } from "../sending/outbox";
import { received } from "../stage/clock";
import { problemWords } from "../ui/Notice";
import { words } from "../words/learner";
import { held, laidDown, sendLeft, takenUp } from "./leftMoves";
import { type Remembered, remember, remembered } from "./remembered";

const AGAIN_MILLIS = 2_500;
const MARKED_MILLIS = 20_000;

/** Until when a game goes on, and what comes after it. */
interface Hours {
  /** When it ends by itself because the time for it is over, by this device's clock. */
  endsAt?: number;
  /** Whether another may be begun once it has ended. */
  again: boolean;
}

const hoursOf = ({ endsIn, again }: { endsIn?: number | null; again: boolean }): Hours => ({
  endsAt: typeof endsIn === "number" ? Date.now() + endsIn : undefined,
  again,
});

/** A learner's play; nothing is shown before the server has answered once. */
export interface RemoteGame extends Player<Showing | undefined> {
  /** What she is called in Results. */
  number?: number;
  busy: boolean;
  note?: string;
  problem: unknown;
  /** The game that is played; nothing before the server has answered once. */
  sitting?: string;
  hours: Hours;
  again: () => void;
  /** Begins anew while this one runs; where she can’t, this one goes on and she is told why. */
  anew: () => void;
  contributions: (question: string) => Promise<Contribution[]>;
  medium: (name: string) => string;
}

/** Where a learner's sittings come from. */
export interface Source {
  /** Hers, where she is known before she plays. */
  token?: string;
  /** Opens a game; anew leaves the one that runs. */
  open: (token?: string, anew?: boolean) => Promise<LearnerSitting>;
}

/** Whoever has the link's code plays. */
const byLink = (code: string): Source => ({ open: (token) => openSitting(code, token) });

/** Why a move was not taken, where the game has gone on meanwhile: what is shown then says more. */
const GONE_ON = new Set(["not-open", "no-such-option", "key-used", "no-such-team"]);

const NONE_WAITS = { moves: 0, reports: 0 };

/** How many moves have not arrived, and how many of them only report: nobody waits for those. */
function countOf(waiting: readonly Waiting[]) {
  const reports = waiting.filter(({ move }) => isReport(move.action)).length;
  return { moves: waiting.length - reports, reports };
}

/** What is said of a move that came too late, by what is shown since. */
export function lateWords({ action }: Move, now: Showing): string | undefined {
  // The end says itself how it came.
  if (now.ending) return now.ending.outcome.ended === "time" ? words.play.timeWasUp : undefined;
  const asked = "question" in action ? action.question : undefined;
  const missed = now.feedback?.verdict === "missed" && now.question?.id === asked;
  return missed ? words.play.timeWasUp : words.play.goneOn;
}

/**
 * A learner's play: the server marks it, this device shows it. A move that could not be sent is
 * kept on the device, over reload and sleep, and sent as soon as the server can be reached; its key
 * has it applied once.
 */
export function useRemoteGame(code: string, source: Source = byLink(code)): RemoteGame {
  const opens = useRef(source);
  opens.current = source;
  const { token } = source;
  const mine = useRef<Remembered>(undefined);
  const [showing, setSeen] = useState<Showing>();
  const [sitting, setSitting] = useState<string>();
  const [hours, setHours] = useState<Hours>({ again: true });
  /** What came of the last move. */
  const [happened, setHappened] = useState<HappeningUnion[]>([]);
  const [number, setNumber] = useState<number>();
  const [busy, setBusy] = useState(false);
  const [note, setNote] = useState<string>();
  const [problem, setProblem] = useState<unknown>();
  const [waiting, setWaiting] = useState(NONE_WAITS);
  const box = useRef<Outbox<MoveAnswer>>(undefined);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const show = useCallback(
    (answer: { showing: Showing; endsIn?: number | null; again: boolean }) => {
      setSeen(received(answer.showing));
      setHours(hoursOf(answer));
    },
    [],
  );

  const know = useCallback(
    (what: Remembered) => {
      mine.current = what;
      setSitting(what.sitting);
      remember(code, what);
    },
    [code],
  );

  const leaveBox = useCallback(() => {
    box.current?.close();
    if (mine.current) laidDown(mine.current);
  }, []);

  /** The moves of this sitting follow to the server by themselves from now on. */
  const follow = useCallback(
    (known: Remembered) => {
      leaveBox();
      const moves = new Outbox(takenUp(known), {
        send: (waiting) => sendMove(known.sitting, known.token, held(waiting)),
        sent: (answer) => {
          setNote(undefined);
          show(answer);
          setHappened(answer.happenings);
          setWaiting(countOf(moves.waiting));
        },
        waits: () => setNote(words.play.noConnection),
        refused: (error, { move }) => {
          const late =
            error instanceof ApiProblem && error.status === 409 && GONE_ON.has(error.reason);
          if (!late) setNote(problemWords(error));
          readSitting(known.sitting, known.token)
            .then((sitting) => {
              // What comes too late to be told is no matter of hers.
              if (late && !isReport(move.action)) setNote(lateWords(move, sitting.showing));
              show(sitting);
            })
            .catch(() => undefined)
            .finally(() => setWaiting(countOf(moves.waiting)));
          return true;
        },
      });
      box.current = moves;
      setWaiting(countOf(moves.waiting));
      moves.now();
    },
    [show, leaveBox],
  );

  const begin = useCallback(
    async (anew: boolean, failed: (error: unknown) => void) => {
      setBusy(true);
      setProblem(undefined);
      try {
        // What she did before, and hasn’t arrived, comes first.
        await sendLeft();
        const token = opens.current.token ?? mine.current?.token ?? remembered(code)?.token;
        const opened = await opens.current.open(token, anew);
        const fresh = {
          token: opened.token ?? token ?? "",
          sitting: opened.sitting,
          number: opened.number,
        };
        know(fresh);
        follow(fresh);
        setNote(undefined);
        setNumber(opened.number);
        show(opened);
      } catch (error) {
        failed(error);
      } finally {
        setBusy(false);
      }
    },
    [code, know, show, follow],
  );
  const open = useCallback(() => begin(false, setProblem), [begin]);
  const anew = useCallback(() => begin(true, (error) => setNote(problemWords(error))), [begin]);

  /** Takes up the sitting that this device remembers; waits for the network where there is none. */
  const takeUp = useCallback(
    async (known: Remembered) => {
      clearTimeout(timer.current);
      mine.current = known;
      setSitting(known.sitting);
      try {
        const sitting = await readSitting(known.sitting, known.token);
        setNumber(sitting.number);
        show(sitting);
        setProblem(undefined);
        follow(known);
      } catch (error) {
        if (worthTryingAgain(error)) {
          setProblem(error);
          timer.current = setTimeout(() => takeUp(known), AGAIN_MILLIS);
        } else open();
      }
    },
    [open, show, follow],
  );

  useEffect(() => {
    const known = remembered(code, token);
    if (known) takeUp(known);
    else open();
    return () => {
      clearTimeout(timer.current);
      leaveBox();
    };
  }, [code, token, open, takeUp, leaveBox]);

  const act = useCallback((action: ActionUnion) => {
    box.current?.put({ key: randomId(12), by: "player", action });
    setWaiting(countOf(box.current?.waiting ?? []));
    return undefined;
  }, []);
  /** Asks the server what is shown now: when the time is up, for instance. */
  const refresh = useCallback(() => {
    const known = mine.current;
    if (!known || (box.current?.waiting.length ?? 0) > 0) return;
    readSitting(known.sitting, known.token)
      .then(show)
      .catch((error) => setNote(problemWords(error)));
  }, [show]);
  /** What the class wrote to a discussion that she has written to herself. */
  const contributions = useCallback(
    (question: string) =>
      readContributions(mine.current?.sitting ?? "", mine.current?.token ?? "", question),
    [],
  );
  /** Where a picture or a sound of her play is fetched from. */
  const medium = useCallback(
    (name: string) => `/api/play/${mine.current?.sitting}/media/${name}`,
    [],
  );
  // Once the teacher has marked what waits for her, the end says how it came out.
  const waits = (showing?.ending?.outcome.awaiting ?? 0) > 0;
  useEffect(() => {
    if (!waits) return;
    const interval = setInterval(refresh, MARKED_MILLIS);
    return () => clearInterval(interval);
  }, [waits, refresh]);
  return {
    number,
    contributions,
    medium,
    showing,
    happened,
    busy: busy || waiting.moves > 0,
    waiting: waiting.moves + waiting.reports,
    note,
    problem,
    sitting,
    hours,
    act,
    refresh,
    again: open,
    anew,
  };
}
