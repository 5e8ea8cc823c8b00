import type { ActionUnion, Showing } from "../generated/types";

/** What a game's stage is given: what may be seen, and what can be done. It decides nothing. */
export interface StageProps {
  showing: Showing;
  /** The option that is chosen and not yet answered with. */
  chosen?: string;
  choose: (option: string) => void;
  act: (action: ActionUnion) => void;
  again: () => void;
  /** A move is on its way. */
  busy?: boolean;
  /** Whether the heading takes the focus when the stage changes: not while someone writes beside it. */
  takesFocus?: boolean;
  /** A line for the foot: why it waits, for instance. */
  note?: string;
}

/** The move that answers the open question with an option. */
export function answerWith(showing: Showing, option: string): ActionUnion | undefined {
  const { question } = showing;
  return (
    question && {
      kind: "answer",
      question: question.id,
      attempt: question.attempt,
      response: { kind: "picked", option },
    }
  );
}

/** The move that takes the game on from here, if one does. */
export function onwards(showing: Showing, chosen?: string): ActionUnion | undefined {
  switch (showing.stage) {
    case "title":
      return { kind: "start" };
    case "question":
      return chosen === undefined ? undefined : answerWith(showing, chosen);
    case "feedback":
      return showing.question && { kind: "continue", question: showing.question.id };
    case "end":
      return undefined;
  }
}

export const LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ";

/** The letter of an option, by its place. */
export const letter = (place: number) => LETTERS[place] ?? "?";
