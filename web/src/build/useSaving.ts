import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { ApiProblem, worthTryingAgain } from "../api/client";
import { listAnew } from "../api/listAnew";
import { keys, readActivity, readVersion, saveActivity } from "../api/teacher";
import { differencesOf } from "../engine/LocalGame";
import type { Activity, StoredActivity } from "../generated/types";
import { problemWords } from "../ui/Notice";
import { type Draft, forgetDraft, keepDraft } from "./draft";

const QUIET_MILLIS = 700;
const AGAIN_MILLIS = 4_000;
const DRAFT_MILLIS = 200;

const SAVING: SaveState = { is: "saving" };

/** What was saved elsewhere in the meantime, and the version that both sides come from. */
export interface Conflict {
  base: Activity;
  theirs: StoredActivity;
}

export type SaveState =
  | { is: "saved"; at: Date }
  | { is: "saving" }
  | { is: "unsaved" }
  | { is: "signed-out" }
  | { is: "refused"; why: string }
  | { is: "conflict"; conflict: Conflict };

/**
 * Saves by itself a moment after the last change, and again until it is saved; until then the
 * change is kept on this device too.
 */
export function useSaving(stored: StoredActivity, activity: Activity, draft?: Draft) {
  const { id } = stored;
  const [state, setState] = useState<SaveState>({ is: "saved", at: new Date(stored.savedAt) });
  /** What the server has, as the object that it was: what is being typed is another one. */
  const [known, setKnown] = useState(stored.activity);
  const queries = useQueryClient();
  const version = useRef(draft?.version ?? stored.version);
  /** What that version holds; not known of the version that a draft was typed into long ago. */
  const base = useRef(version.current === stored.version ? stored.activity : undefined);
  const savedText = useRef(JSON.stringify(stored.activity));
  const newest = useRef(activity);
  const busy = useRef(false);
  const stopped = useRef(false);
  const again = useRef<ReturnType<typeof setTimeout>>(undefined);
  newest.current = activity;

  const isSaved = useCallback(() => JSON.stringify(newest.current) === savedText.current, []);

  const wentThrough = useCallback(
    (saved: { version: number; savedAt: string }, what: Activity) => {
      version.current = saved.version;
      base.current = what;
      savedText.current = JSON.stringify(what);
      setKnown(what);
      setState({ is: "saved", at: new Date(saved.savedAt) });
      if (isSaved()) forgetDraft(id);
    },
    [id, isSaved],
  );

  /** Somebody saved in between; or it was this save itself, whose answer the network lost. */
  const meet = useCallback(
    async (sent: Activity) => {
      const theirs = await readActivity(id);
      if (differencesOf(sent, sent, theirs.activity).length === 0) {
        wentThrough(theirs, sent);
        return;
      }
      stopped.current = true;
      base.current ??= await readVersion(id, version.current)
        .then((read) => read.activity)
        .catch(() => theirs.activity);
      setState({ is: "conflict", conflict: { base: base.current, theirs } });
    },
    [id, wentThrough],
  );

  const save = useCallback(async () => {
    if (busy.current || stopped.current || isSaved()) return;
    const sent = newest.current;
    busy.current = true;
    // Who is signed out is told so until it went through, not only between two tries.
    setState((now) => (now.is === "signed-out" ? now : SAVING));
    try {
      try {
        wentThrough(await saveActivity(id, version.current, sent), sent);
      } catch (error) {
        if (!(error instanceof ApiProblem && error.status === 412)) throw error;
        await meet(sent);
      }
    } catch (error) {
      const signedOut = error instanceof ApiProblem && error.status === 401;
      if (worthTryingAgain(error) || signedOut) {
        // Whoever signs in again, here or in another tab, need not do anything more.
        setState({ is: signedOut ? "signed-out" : "unsaved" });
        clearTimeout(again.current);
        again.current = setTimeout(save, AGAIN_MILLIS);
      } else {
        setState({ is: "refused", why: problemWords(error) });
      }
      return;
    } finally {
      busy.current = false;
    }
    if (!isSaved() && !stopped.current) setTimeout(save, QUIET_MILLIS);
  }, [id, isSaved, meet, wentThrough]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: each change starts the waits anew
  useEffect(() => {
    if (isSaved()) {
      setKnown(activity);
      return;
    }
    const drafting = setTimeout(() => keepDraft(id, version.current, newest.current), DRAFT_MILLIS);
    const saving = setTimeout(save, QUIET_MILLIS);
    return () => {
      clearTimeout(drafting);
      clearTimeout(saving);
    };
  }, [activity, save]);

  useEffect(() => {
    const changed = () => listAnew(queries, keys.activities);
    const leave = () => {
      if (isSaved()) {
        changed();
        return;
      }
      keepDraft(id, version.current, newest.current, true);
      if (busy.current || stopped.current) return;
      const sent = newest.current;
      saveActivity(id, version.current, sent, true)
        .then((saved) => wentThrough(saved, sent))
        .catch(() => undefined)
        .finally(changed);
    };
    window.addEventListener("pagehide", leave);
    window.addEventListener("focus", save);
    return () => {
      window.removeEventListener("pagehide", leave);
      window.removeEventListener("focus", save);
      clearTimeout(again.current);
      leave();
    };
  }, [id, queries, isSaved, wentThrough, save]);

  /** After a conflict: goes on from the other version, which is then the one before. */
  const goOnFrom = useCallback((theirs: StoredActivity) => {
    version.current = theirs.version;
    base.current = theirs.activity;
    savedText.current = JSON.stringify(theirs.activity);
    stopped.current = false;
    setKnown(theirs.activity);
    setState({ is: "saved", at: new Date(theirs.savedAt) });
  }, []);

  return {
    state: state.is === "saved" && known !== activity ? SAVING : state,
    goOnFrom,
    saveNow: save,
  };
}
