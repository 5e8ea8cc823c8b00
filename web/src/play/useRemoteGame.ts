import { useCallback, useEffect, useRef, useState } from "react";
import { ApiProblem, worthTryingAgain } from "../api/client";
import { openSitting, readSitting, sendMove } from "../api/learner";
import { randomId } from "../engine/randomId";
import type { ActionUnion, Move, Showing } from "../generated/types";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";
import { type Remembered, remember, remembered } from "./remembered";

const AGAIN_MILLIS = 2_500;

/** A learner's play: the server marks it, this device shows it and keeps what could not be sent. */
export function useRemoteGame(code: string) {
  const mine = useRef<Remembered>(undefined);
  const [showing, setShowing] = useState<Showing>();
  const [busy, setBusy] = useState(false);
  const [note, setNote] = useState<string>();
  const [problem, setProblem] = useState<unknown>();
  const [chosen, setChosen] = useState<string>();
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(timer.current), []);

  const open = useCallback(async () => {
    setBusy(true);
    setProblem(undefined);
    try {
      const token = mine.current?.token ?? remembered(code)?.token;
      const opened = await openSitting(code, token);
      mine.current = { token: opened.token ?? token ?? "", sitting: opened.sitting };
      remember(code, mine.current);
      setChosen(undefined);
      setNote(undefined);
      setShowing(opened.showing);
    } catch (error) {
      setProblem(error);
    } finally {
      setBusy(false);
    }
  }, [code]);

  useEffect(() => {
    const known = remembered(code);
    if (!known) {
      open();
      return;
    }
    mine.current = known;
    readSitting(known.sitting, known.token)
      .then((sitting) => setShowing(sitting.showing))
      .catch((error) => {
        if (error instanceof ApiProblem) open();
        else setProblem(error);
      });
  }, [code, open]);

  const send = useCallback(async (move: Move) => {
    const known = mine.current;
    if (!known) return;
    setBusy(true);
    try {
      const answer = await sendMove(known.sitting, known.token, move);
      setNote(undefined);
      setChosen(undefined);
      setShowing(answer.showing);
    } catch (error) {
      if (worthTryingAgain(error)) {
        setNote(words.play.noConnection);
        timer.current = setTimeout(() => send(move), AGAIN_MILLIS);
        return;
      }
      const late = error instanceof ApiProblem && error.status === 409;
      setNote(late ? words.play.goneOn : problemWords(error));
      await readSitting(known.sitting, known.token)
        .then((sitting) => setShowing(sitting.showing))
        .catch(() => undefined);
    }
    setBusy(false);
  }, []);

  const act = useCallback(
    (action: ActionUnion) => {
      send({ key: randomId(12), by: "player", action });
    },
    [send],
  );
  return { showing, busy, note, problem, chosen, choose: setChosen, act, again: open };
}
