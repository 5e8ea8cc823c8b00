import { useEffect } from "react";
import { words } from "../words/learner";

/** The page's title names the place; nothing while what it is about is not there yet. */
export function usePageTitle(title: string | undefined) {
  useEffect(() => {
    if (!title) return;
    document.title = `${title} – ${words.name}`;
    return () => {
      document.title = words.name;
    };
  }, [title]);
}
