import { useMemo, useRef } from "react";
import { readinessOf } from "../engine/LocalGame";
import type { Activity, Readiness } from "../generated/types";
import { useSettled } from "./useSettled";

const LEAST_PAUSE_MILLIS = 20;
const MOST_PAUSE_MILLIS = 150;

/**
 * What can be said of the activity, read in the pauses of typing, so that no key press waits for it:
 * the longer the last reading took, the longer is the pause that it waits for.
 */
export function useReadiness(activity: Activity): Readiness {
  const pause = useRef(MOST_PAUSE_MILLIS);
  const settled = useSettled(activity, pause.current);
  return useMemo(() => {
    const begun = performance.now();
    const readiness = readinessOf(settled);
    const took = performance.now() - begun;
    pause.current = Math.max(LEAST_PAUSE_MILLIS, Math.min(MOST_PAUSE_MILLIS, took));
    return readiness;
  }, [settled]);
}
