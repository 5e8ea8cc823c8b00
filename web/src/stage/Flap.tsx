import { ChevronsDown, ChevronsUp } from "lucide-react";
import { type ReactNode, useEffect, useRef } from "react";
import { words } from "../words/learner";
import "./flap.css";

export interface FlapProps {
  open: boolean;
  turn: () => void;
}

/** A flap of paper over an answer: folded shut until the class has talked about it. */
export function Flap({ open, turn, children }: FlapProps & { children?: ReactNode }) {
  const under = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!open) return;
    // What is reckoned of a figure may still be on its way.
    const timer = setTimeout(() => under.current?.scrollIntoView?.({ block: "nearest" }), 250);
    return () => clearTimeout(timer);
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
