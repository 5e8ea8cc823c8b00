import { Undo2 } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import type { ResponseUnion } from "../../generated/types";
import { words } from "../../words/learner";

/** The answer as it was built up, step by step: each step can be taken back until it is sent. */
export function useSteps(
  question: string,
  given: ResponseUnion | undefined,
  give: (response: ResponseUnion | undefined) => void,
) {
  const [before, setBefore] = useState<(ResponseUnion | undefined)[]>([]);
  const about = useRef(question);
  useEffect(() => {
    // What was sent, or wiped elsewhere, can't be taken back here.
    if (about.current !== question || given === undefined) setBefore([]);
    about.current = question;
  }, [question, given]);
  return {
    give: (response: ResponseUnion | undefined) => {
      setBefore((steps) => [...steps, given]);
      give(response);
    },
    undo:
      before.length > 0
        ? () => {
            give(before.at(-1));
            setBefore(before.slice(0, -1));
          }
        : undefined,
  };
}

/** Takes the last step back. */
export function UndoStep({ undo }: { undo?: () => void }) {
  if (!undo) return null;
  return (
    <button
      type="button"
      data-undo="true"
      onClick={undo}
      className="undo-step btn btn-ghost btn-sm self-end"
    >
      <Undo2 size={18} aria-hidden="true" />
      {words.game.undoStep}
    </button>
  );
}
