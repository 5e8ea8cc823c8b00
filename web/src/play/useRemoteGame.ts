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
  ResponseUnion,
  Showing,
} from "../generated/types";
import { Outbox, type Waiting } from "../sending/outbox";
import { problemWords } from "../ui/Notice";
import { words } from "../words/learner";
import { type Remembered, remember, remembered } from "./remembered";

const AGAIN_MILLIS = 2_500;
const MARKED_MILLIS = 20_000;

/** A learner's play; nothing is shown before the server has answered once. */
export interface RemoteGame extends Player<Showing | undefined> {
  /** What she is called in Results. */
  number?: number;
  busy: boolean;
  note?: string;
  problem: unknown;
  given?: ResponseUnion;
  give: (response: ResponseUnion | undefined) => void;
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

/** The move, with how long the device could not reach the server with it: that is made up for. */
function held({ move, since }: Waiting): Move {
  const { action } = move;
  return since === undefined || action.kind !== "answer"
    ? move
    : { ...move, action: { ...action, held: Date.now() - since } };
}

/** What the moves of a learner's sitting are kept under on the device. */
const learnerMoves = (sitting: string) => `bravium.unsent.${sitting}`;

/** Why an entry was not taken, where nothing has gone on meanwhile. */
const SAYS_WHY = new Set(["no-name", "no-entry-left", "not-reached", "passed", "too-soon"]);

const NONE_WAITS = { moves: 0, reports: 0 };

/** How many moves have not arrived, and how many of them only report: nobody waits for those. */
function countOf(waiting: readonly Waiting[]) {
  const reports = waiting.filter(({ move }) => isReport(move.action)).length;
  return { moves: waiting.length - reports, reports };
}

const isOpen = (showing: Showing, question?: string) =>
  showing.stage === "question" && showing.question?.id === question;

/**
 * A learner's play: the server marks it, this device shows it. A move that could not be sent is
 * kept on the device, over reload and sleep, and sent as soon as the server can be reached; its key
 * has it applied once.
 */
export function useRemoteGame(code: string, source: Source = byLink(code)): RemoteGame {
  const opens = useRef(source);
  opens.current = source;
  const mine = useRef<Remembered>(undefined);
  const [showing, setShowing] = useState<Showing>();
  /** What came of the last move. */
  const [happened, setHappened] = useState<HappeningUnion[]>([]);
  const [number, setNumber] = useState<number>();
  const [busy, setBusy] = useState(false);
  const [note, setNote] = useState<string>();
  const [problem, setProblem] = useState<unknown>();
  const [given, setGiven] = useState<ResponseUnion>();
  const [waiting, setWaiting] = useState(NONE_WAITS);
  const box = useRef<Outbox<MoveAnswer>>(undefined);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const know = useCallback(
    (what: Remembered) => {
      mine.current = what;
      remember(code, what);
    },
    [code],
  );

  /** The moves of this sitting follow to the server by themselves from now on. */
  const follow = useCallback(
    (known: Remembered) => {
      box.current?.close();
      const moves = new Outbox(learnerMoves(known.sitting), {
        send: (waiting) => sendMove(known.sitting, known.token, held(waiting)),
        sent: (answer, { move }) => {
          setNote(undefined);
          // What is being written stays while something is only reported.
          if (!isReport(move.action)) {
            know({ token: known.token, sitting: known.sitting, number: known.number });
            setGiven(undefined);
          }
          setShowing(answer.showing);
          setHappened(answer.happenings);
          setWaiting(countOf(moves.waiting));
        },
        waits: () => setNote(words.play.noConnection),
        refused: (error, { move }) => {
          const late =
            error instanceof ApiProblem && error.status === 409 && !SAYS_WHY.has(error.reason);
          // What comes too late to be told is no matter of hers.
          if (!late) setNote(problemWords(error));
          else if (!isReport(move.action)) setNote(words.play.goneOn);
          know({ token: known.token, sitting: known.sitting, number: known.number });
          readSitting(known.sitting, known.token)
            .then((sitting) => setShowing(sitting.showing))
            .catch(() => undefined)
            .finally(() => setWaiting(countOf(moves.waiting)));
          return true;
        },
      });
      box.current = moves;
      setWaiting(countOf(moves.waiting));
      moves.now();
    },
    [know],
  );

  const begin = useCallback(
    async (anew: boolean, failed: (error: unknown) => void) => {
      setBusy(true);
      setProblem(undefined);
      try {
        const token = opens.current.token ?? mine.current?.token ?? remembered(code)?.token;
        const opened = await opens.current.open(token, anew);
        const fresh = {
          token: opened.token ?? token ?? "",
          sitting: opened.sitting,
          number: opened.number,
        };
        know(fresh);
        follow(fresh);
        setGiven(undefined);
        setNote(undefined);
        setNumber(opened.number);
        setShowing(opened.showing);
      } catch (error) {
        failed(error);
      } finally {
        setBusy(false);
      }
    },
    [code, know, follow],
  );
  const open = useCallback(() => begin(false, setProblem), [begin]);
  const anew = useCallback(() => begin(true, (error) => setNote(problemWords(error))), [begin]);

  /** Takes up the sitting that this device remembers; waits for the network where there is none. */
  const takeUp = useCallback(
    async (known: Remembered) => {
      clearTimeout(timer.current);
      mine.current = known;
      try {
        const sitting = await readSitting(known.sitting, known.token);
        setNumber(sitting.number);
        setShowing(sitting.showing);
        if (isOpen(sitting.showing, known.draft?.question)) setGiven(known.draft?.response);
        setProblem(undefined);
        follow(known);
      } catch (error) {
        if (worthTryingAgain(error)) {
          setProblem(error);
          timer.current = setTimeout(() => takeUp(known), AGAIN_MILLIS);
        } else open();
      }
    },
    [open, follow],
  );

  useEffect(() => {
    const known = remembered(code);
    if (known) takeUp(known);
    else open();
    return () => {
      clearTimeout(timer.current);
      box.current?.close();
    };
  }, [code, open, takeUp]);

  const asked = showing?.question?.id;
  const give = useCallback(
    (response: ResponseUnion | undefined) => {
      setGiven(response);
      if (mine.current && asked) {
        know({ ...mine.current, draft: response && { question: asked, response } });
      }
    },
    [asked, know],
  );
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
      .then((sitting) => {
        setGiven(undefined);
        setShowing(sitting.showing);
      })
      .catch(() => setNote(words.play.noConnection));
  }, []);
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
    given,
    give,
    act,
    refresh,
    again: open,
    anew,
  };
}
