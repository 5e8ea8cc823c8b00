import { useEffect, useRef } from "react";
import { words } from "../words/learner";
import { landFocus } from "./landFocus";

/** Whether a page has been opened before: the browser places the focus on the first. */
let opened = false;

/**
 * The page's title names the place; nothing while what it is about is not there yet. Then the place
 * has the focus, if what had it has gone with the page before.
 */
export function usePageTitle(title: string | undefined) {
  const landed = useRef<string>(undefined);
  useEffect(() => {
    const { pathname } = window.location;
    if (!title || landed.current === pathname) return;
    landed.current = pathname;
    if (opened) landFocus();
    opened = true;
  }, [title]);
  useEffect(() => {
    if (!title) return;
    document.title = `${title} – ${words.name}`;
    return () => {
      document.title = words.name;
    };
  }, [title]);
}
