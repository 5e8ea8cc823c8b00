import { useEffect, useState } from "react";
import type { LiveLine, LiveNews } from "../generated/types";

const AGAIN_MILLIS = 2_000;

/** A class while it plays: one line a learner, as the news come in. */
export interface Live {
  /** What the class plays. */
  title?: string;
  lines?: LiveLine[];
  /** How far the server's clock is ahead of this device's, in milliseconds. */
  ahead: number;
  /** Whether the news do not come in just now. */
  lost: boolean;
}

const merged = (lines: LiveLine[], fresh: LiveLine[]) => {
  const of = new Map(fresh.map((line) => [line.learner, line]));
  const known = new Set(lines.map(({ learner }) => learner));
  return [
    ...lines.map((line) => of.get(line.learner) ?? line),
    ...fresh.filter(({ learner }) => !known.has(learner)),
  ];
};

/** Follows the server's stream of news; one that breaks off is opened anew. */
export function useLive(assignment: string): Live {
  const [live, setLive] = useState<Live>({ ahead: 0, lost: false });
  useEffect(() => {
    let source: EventSource;
    let again: ReturnType<typeof setTimeout>;
    const open = () => {
      source = new EventSource(`/api/assignments/${assignment}/live`);
      source.onmessage = ({ data }) => {
        const { at, title, all, lines }: LiveNews = JSON.parse(data);
        setLive((before) => ({
          title: title ?? before.title,
          lines: all || !before.lines ? lines : merged(before.lines, lines),
          ahead: at - Date.now(),
          lost: false,
        }));
      };
      source.onerror = () => {
        setLive((before) => ({ ...before, lost: true }));
        // A browser gives up for good where the server refused; this does not.
        if (source.readyState === EventSource.CLOSED) again = setTimeout(open, AGAIN_MILLIS);
      };
    };
    open();
    return () => {
      clearTimeout(again);
      source.close();
    };
  }, [assignment]);
  return live;
}
