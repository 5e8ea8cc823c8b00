import type { Activity, BoardUnion } from "../../generated/types";

/** The board of a quiz show; nothing where it is another game. */
export const boardOf = ({ game }: Activity): BoardUnion | undefined =>
  game.kind === "quiz-show" ? game.board : undefined;

/** The same quiz show on another board. */
export const onBoard = (activity: Activity, board: BoardUnion): Activity =>
  activity.game.kind === "quiz-show"
    ? { ...activity, game: { ...activity.game, board } }
    : activity;
