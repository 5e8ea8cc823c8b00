import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { ApiProblem, worthTryingAgain } from "../api/client";
import { keys, readActivity, saveActivity } from "../api/teacher";
import type { Activity, StoredActivity } from "../generated/types";
import { problemWords } from "../ui/Notice";

const QUIET_MILLIS = 700;
const AGAIN_MILLIS = 4_000;

export type SaveState =
  | { is: "saved"; at: Date }
  | { is: "saving" }
  | { is: "unsaved" }
  | { is: "refused"; why: string }
  | { is: "conflict" };

/** Saves by itself a moment after the last change, and again until it is saved. */
export function useSaving(stored: StoredActivity, activity: Activity) {
  const [state, setState] = useState<SaveState>({ is: "saved", at: new Date(stored.savedAt) });
  const queries = useQueryClient();
  const version = useRef(stored.version);
  const savedText = useRef(JSON.stringify(stored.activity));
  const newest = useRef(activity);
  const busy = useRef(false);
  const stopped = useRef(false);
  newest.current = activity;

  const save = useCallback(async () => {
    const text = JSON.stringify(newest.current);
    if (busy.current || stopped.current || text === savedText.current) return;
    busy.current = true;
    setState({ is: "saving" });
    try {
      const saved = await saveActivity(stored.id, version.current, newest.current);
      version.current = saved.version;
      savedText.current = text;
      setState({ is: "saved", at: new Date(saved.savedAt) });
    } catch (error) {
      if (error instanceof ApiProblem && error.status === 412) {
        stopped.current = true;
        setState({ is: "conflict" });
      } else if (worthTryingAgain(error)) {
        setState({ is: "unsaved" });
        setTimeout(save, AGAIN_MILLIS);
      } else {
        setState({ is: "refused", why: problemWords(error) });
      }
    } finally {
      busy.current = false;
    }
    if (JSON.stringify(newest.current) !== text && !stopped.current) setTimeout(save, QUIET_MILLIS);
  }, [stored.id]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: each change starts the wait anew
  useEffect(() => {
    const timer = setTimeout(save, QUIET_MILLIS);
    return () => clearTimeout(timer);
  }, [activity, save]);

  useEffect(() => {
    const listAnew = () => queries.invalidateQueries({ queryKey: keys.activities });
    const leave = () => {
      const text = JSON.stringify(newest.current);
      if (busy.current || stopped.current || text === savedText.current) {
        listAnew();
        return;
      }
      savedText.current = text;
      saveActivity(stored.id, version.current, newest.current, true)
        .catch(() => undefined)
        .finally(listAnew);
    };
    window.addEventListener("pagehide", leave);
    return () => {
      window.removeEventListener("pagehide", leave);
      leave();
    };
  }, [stored.id, queries]);

  /** After a conflict: goes on from the other version, which is then the one before. */
  const resolve = useCallback(
    async (choose: "mine" | "theirs"): Promise<Activity> => {
      const other = await readActivity(stored.id);
      version.current = other.version;
      savedText.current = JSON.stringify(other.activity);
      stopped.current = false;
      setState({ is: "saved", at: new Date(other.savedAt) });
      if (choose === "theirs") return other.activity;
      setTimeout(save, 0);
      return newest.current;
    },
    [stored.id, save],
  );

  return { state, resolve, saveNow: save };
}
