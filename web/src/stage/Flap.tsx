import { ChevronsDown, ChevronsUp } from "lucide-react";
import { type ReactNode, useEffect, useRef } from "react";
import { words } from "../words/learner";
import { comeIntoView } from "./comeIntoView";
import "./flap.css";

export interface FlapProps {
  open: boolean;
  turn: () => void;
}

/** A flap of paper over an answer: folded shut until the class has talked about it. */
export function Flap({ open, turn, children }: FlapProps & { children?: ReactNode }) {
  const under = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const answer = under.current;
    if (!open || !answer || typeof ResizeObserver === "undefined") return;
    // What is reckoned of a figure may still be on its way: it comes into view when it is there.
    const observer = new ResizeObserver(() => comeIntoView(answer));
    observer.observe(answer);
    return () => observer.disconnect();
  }, [open]);
  const Sign = open ? ChevronsUp : ChevronsDown;
  return (
    <div className="flap" data-open={open}>
      <button type="button" aria-expanded={open} onClick={turn} className="flap-paper">
        <Sign aria-hidden="true" className="size-[1.2em]" />
        {open ? words.game.flapShut : words.game.flapOpen}
      </button>
      {open && (
        <div ref={under} className="flap-under">
          {children}
        </div>
      )}
    </div>
  );
}
