import { useEffect } from "react";
import { worthTryingAgain } from "../api/client";
import { keepPage, readPages } from "../api/teacher";
import type { Stroke } from "../generated/types";
import { besideOf, useBeside } from "./beside";

/** A hand that goes on writing is waited for. */
const SETTLES_MILLIS = 1_000;
const AGAIN_MILLIS = 15_000;

/** What lies on the pages of a sitting comes from the server and goes there, as soon as it is reached. */
export function useBesideSending(sitting: string) {
  useEffect(() => {
    useBeside.getState().load(sitting);
    return sendBeside(sitting);
  }, [sitting]);
}

/** Begins to; what is returned ends it. */
export function sendBeside(sitting: string, server = { read: readPages, keep: keepPage }) {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let asked = false;
  let busy = false;
  let ended = false;
  // As they were refused: they are not sent again before they have changed.
  const refused = new Map<string, Stroke[]>();
  const toSend = () =>
    useBeside.getState().unsent.filter((page) => refused.get(page) !== besideOf(page).strokes);
  const later = (millis: number) => {
    clearTimeout(timer);
    if (!ended) timer = setTimeout(send, millis);
  };
  const send = async () => {
    clearTimeout(timer);
    if (busy) return;
    busy = true;
    try {
      if (!asked) {
        const pages = await server.read(sitting);
        if (ended) return;
        asked = true;
        useBeside.getState().arrive(pages);
      }
      for (const page of toSend()) {
        const now = besideOf(page);
        try {
          await server.keep(sitting, page, now);
        } catch (error) {
          if (worthTryingAgain(error)) throw error;
          refused.set(page, now.strokes);
          if (!ended) useBeside.getState().refused();
          continue;
        }
        // Another sitting may have been opened meanwhile: then it goes once more when this one is.
        if (useBeside.getState().sitting !== sitting) return;
        useBeside.getState().sent(page, now);
      }
      if (!asked || toSend().length > 0) later(SETTLES_MILLIS);
    } catch (error) {
      if (worthTryingAgain(error)) later(AGAIN_MILLIS);
    } finally {
      busy = false;
    }
  };
  const turned = () => {
    // Who comes back sees what was drawn elsewhere in between.
    if (document.visibilityState === "visible") asked = false;
    send();
  };
  const stop = useBeside.subscribe((now, before) => {
    if (now.unsent !== before.unsent && now.unsent.length > 0) later(SETTLES_MILLIS);
  });
  window.addEventListener("online", send);
  document.addEventListener("visibilitychange", turned);
  send();
  return () => {
    stop();
    window.removeEventListener("online", send);
    document.removeEventListener("visibilitychange", turned);
    send();
    ended = true;
    clearTimeout(timer);
  };
}
