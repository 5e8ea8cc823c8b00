import type { ReactNode } from "react";
import type { ActionUnion, Asked, ResponseUnion, Showing } from "../generated/types";
import type { Looking } from "./looking";

/** What a game's stage is given: what may be seen, and what can be done. It decides nothing. */
export interface StageProps {
  showing: Showing;
  /** What is given as the answer and not yet sent. */
  given?: ResponseUnion;
  give: (response: ResponseUnion | undefined) => void;
  act: (action: ActionUnion) => void;
  /** Begins another game; nothing where there is no other to begin. */
  again?: () => void;
  /** Which of the questions that are open at once is looked at. */
  looking?: Looking;
  /** Opens what the class is stuck at, where whoever has this screen may. */
  opens?: boolean;
  /** Called when the countdown has come to its end: what is shown then is the engine's word. */
  timeUp?: () => void;
  /** A move is on its way. */
  busy?: boolean;
  /** How many moves have not arrived yet, those that only report among them. */
  waiting?: number;
  /** Whether the heading takes the focus when the stage changes: not while someone writes beside it. */
  takesFocus?: boolean;
  /** Whether the class answers aloud, at the front: a discussion then needs nothing written. */
  aloud?: boolean;
  /** Which flaps over answers are open, and what opens or closes one; nothing where they open by themselves. */
  flaps?: { open: (question: string) => boolean; turn: (question: string) => void };
  /** Called with the place of a team that is pressed, where that does something. */
  pressTeam?: (team: number) => void;
  /** How many options are shown so far, where they come one by one. */
  optionsShown?: number;
  /** What others wrote to the discussion that is open. */
  others?: ReactNode;
  /** Where whoever plays can go at the end, besides playing again. */
  leave?: ReactNode;
  /** A line for the foot: why it waits, for instance. */
  note?: string;
}

/**
 * What would be answered now: what is given, as far as that is an answer. Cards that nobody has
 * touched are none: the draw may have laid them right.
 */
export function answerOf(question: Asked, given?: ResponseUnion): ResponseUnion | undefined {
  const { sheet } = question;
  if (given === undefined && sheet?.kind === "sorting" && sheet.atOnce && sheet.lying.length > 0) {
    // What was laid one by one can be left at that.
    return { kind: "placed", placings: sheet.lying };
  }
  if (given === undefined) return undefined;
  switch (given.kind) {
    case "picked-all":
      return given.options.length > 0 ? given : undefined;
    case "typed":
      return given.text.trim() ? given : undefined;
    case "filled":
      return given.words.some((word) => word.trim()) ? given : undefined;
    case "placed":
      return given.placings.length > 0 ? given : undefined;
    default:
      return given;
  }
}

/** What says that it is right as it lies, where something lies before anybody has touched it. */
export function asItLies(question: Asked): ResponseUnion | undefined {
  if (question.kind === "order") {
    return { kind: "ordered", cards: question.choices.map((choice) => choice.id) };
  }
  const { sheet } = question;
  const figure = sheet?.kind === "fraction" ? sheet.figures.at(-1) : undefined;
  return figure && question.kind === "fraction-shaded"
    ? { kind: "shaded", parts: figure.parts, places: [] }
    : undefined;
}

/** Whether it is answered by picking among its options. */
export const isPicked = (question: Asked) =>
  ["pick-one", "pick-all", "true-false"].includes(question.kind);

/** Whether there is nothing to answer, only to read or to pass over. */
export const isOnlyRead = (question: Asked) =>
  question.kind === "information" || question.kind === "unfinished";

/** A question that is answered in one's own words: nothing marks it at once. */
export const isOwnWords = (question: Asked) =>
  question.kind === "free-answer" || question.kind === "discussion";

/** The move that takes the game on from here, if one does. */
export function onwards(
  showing: Showing,
  given?: ResponseUnion,
  aloud?: boolean,
): ActionUnion | undefined {
  const { question } = showing;
  switch (showing.stage) {
    case "title":
      return { kind: "start" };
    case "question": {
      if (!question) return undefined;
      if (isOnlyRead(question)) return { kind: "continue", question: question.id };
      if (showing.talk?.done && aloud) return { kind: "continue", question: question.id };
      const response = answerOf(question, given);
      if (!response && aloud && isOwnWords(question)) {
        return { kind: "continue", question: question.id };
      }
      return (
        response && { kind: "answer", question: question.id, attempt: question.attempt, response }
      );
    }
    case "feedback":
      return question && { kind: "continue", question: question.id };
    case "end":
      return undefined;
  }
}

/** A question of more characters takes more than two lines on a projector. */
export const LONG_TEXT = 110;

export const LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ";

/** The letter of an option, by its place. */
export const letter = (place: number) => LETTERS[place] ?? "?";
