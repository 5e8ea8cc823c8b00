import { useState } from "react";
import type { ActionUnion, Refusal, Showing } from "../generated/types";

/** Which of the questions that are open at once is looked at. */
export interface Looking {
  at?: string;
  /** Goes to a question; to none of them without one. */
  goTo: (question?: string) => void;
}

/**
 * The game as it is seen by who looks at one of the questions that are open at once: as if that one
 * alone were asked. What is said to a try stands until it is passed; who comes back finds the
 * question.
 */
export function lookedAt(showing: Showing, at?: string, passed?: number): Showing {
  const one = showing.questions.find(({ asked }) => asked.id === at);
  if (!one || showing.stage !== "playing") return showing;
  const told =
    one.told && (one.told.settled || passed !== one.asked.attempt) ? one.told : undefined;
  return {
    ...showing,
    stage: told ? "feedback" : "question",
    question: one.asked,
    feedback: told,
    talk: one.talk,
  };
}

type Act = (action: ActionUnion) => Refusal | undefined;

/** Looks at one of the questions that are open at once; to go on from one is nobody else's matter. */
export function useLooking<S extends Showing | undefined>(
  showing: S,
  act: Act,
): { seen: S; looking: Looking; act: Act } {
  const [at, setAt] = useState<string>();
  const [passed, setPassed] = useState<number>();
  const one = showing?.questions.find(({ asked }) => asked.id === at);
  const goTo = (question?: string) => {
    const there = showing?.questions.find(({ asked }) => asked.id === question);
    setAt(there && question);
    setPassed(there?.asked.attempt);
  };
  return {
    seen: (showing && lookedAt(showing, at, passed)) as S,
    looking: { at: one && showing?.stage === "playing" ? at : undefined, goTo },
    act: (action) => {
      if (!one || action.kind !== "continue" || action.question !== at) return act(action);
      if (one.told?.settled) goTo();
      else setPassed(one.asked.attempt);
      return undefined;
    },
  };
}
