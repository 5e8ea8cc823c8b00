import { useCallback, useEffect, useRef, useState } from "react";
import { ApiProblem, worthTryingAgain } from "../api/client";
import { openSitting, readContributions, readSitting, sendMove } from "../api/learner";
import { randomId } from "../engine/randomId";
import type { ActionUnion, HappeningUnion, Move, ResponseUnion, Showing } from "../generated/types";
import { problemWords } from "../ui/Notice";
import { words } from "../words/learner";
import { type Remembered, remember, remembered } from "./remembered";

const AGAIN_MILLIS = 2_500;
const MARKED_MILLIS = 20_000;

/** The move, with how long the device could not reach the server with it: that is made up for. */
function held(move: Move, since?: number): Move {
  const { action } = move;
  return since === undefined || action.kind !== "answer"
    ? move
    : { ...move, action: { ...action, held: Date.now() - since } };
}

const isOpen = (showing: Showing, question?: string) =>
  showing.stage === "question" && showing.question?.id === question;

/**
 * A learner's play: the server marks it, this device shows it. A move that could not be sent is
 * kept on the device, over reload and sleep, and sent as soon as the server can be reached; its key
 * has it applied once.
 */
export function useRemoteGame(code: string) {
  const mine = useRef<Remembered>(undefined);
  const [showing, setShowing] = useState<Showing>();
  /** What came of the last move. */
  const [happened, setHappened] = useState<HappeningUnion[]>();
  const [number, setNumber] = useState<number>();
  const [busy, setBusy] = useState(false);
  const [note, setNote] = useState<string>();
  const [problem, setProblem] = useState<unknown>();
  const [given, setGiven] = useState<ResponseUnion>();
  const waitingSince = useRef<number>(undefined);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const know = useCallback(
    (what: Remembered) => {
      mine.current = what;
      remember(code, what);
    },
    [code],
  );

  const open = useCallback(async () => {
    setBusy(true);
    setProblem(undefined);
    try {
      const token = mine.current?.token ?? remembered(code)?.token;
      const opened = await openSitting(code, token);
      know({ token: opened.token ?? token ?? "", sitting: opened.sitting });
      setGiven(undefined);
      setNote(undefined);
      setNumber(opened.number);
      setShowing(opened.showing);
    } catch (error) {
      setProblem(error);
    } finally {
      setBusy(false);
    }
  }, [code, know]);

  const send = useCallback(
    async (move: Move) => {
      const known = mine.current;
      if (!known) return;
      clearTimeout(timer.current);
      know({ ...known, unsent: move });
      setBusy(true);
      const began = Date.now();
      try {
        const answer = await sendMove(known.sitting, known.token, held(move, waitingSince.current));
        waitingSince.current = undefined;
        know({ token: known.token, sitting: known.sitting });
        setNote(undefined);
        setGiven(undefined);
        setShowing(answer.showing);
        setHappened(answer.happenings);
      } catch (error) {
        if (worthTryingAgain(error)) {
          setNote(words.play.noConnection);
          waitingSince.current ??= began;
          timer.current = setTimeout(() => send(move), AGAIN_MILLIS);
          return;
        }
        know({ token: known.token, sitting: known.sitting });
        const late = error instanceof ApiProblem && error.status === 409;
        setNote(late ? words.play.goneOn : problemWords(error));
        await readSitting(known.sitting, known.token)
          .then((sitting) => setShowing(sitting.showing))
          .catch(() => undefined);
      }
      setBusy(false);
    },
    [know],
  );

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
        if (known.unsent) await send(known.unsent);
      } catch (error) {
        if (worthTryingAgain(error)) {
          setProblem(error);
          timer.current = setTimeout(() => takeUp(known), AGAIN_MILLIS);
        } else open();
      }
    },
    [open, send],
  );

  useEffect(() => {
    const known = remembered(code);
    if (known) takeUp(known);
    else open();
    // When the network is back nobody has to wait for the next try.
    const online = () => {
      if (mine.current?.unsent) send(mine.current.unsent);
    };
    window.addEventListener("online", online);
    return () => {
      clearTimeout(timer.current);
      window.removeEventListener("online", online);
    };
  }, [code, open, send, takeUp]);

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
  const act = useCallback(
    (action: ActionUnion) => {
      send({ key: randomId(12), by: "player", action });
    },
    [send],
  );
  /** Asks the server what is shown now: when the time is up, for instance. */
  const refresh = useCallback(() => {
    const known = mine.current;
    if (!known || known.unsent) return;
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
    busy,
    note,
    problem,
    given,
    give,
    act,
    refresh,
    again: open,
  };
}
