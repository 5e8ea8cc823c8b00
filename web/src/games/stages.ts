import { type ComponentType, lazy } from "react";
import type { GameDataUnion } from "../generated/types";
import type { StageProps } from "../stage/stage";

/** The stage of each game, loaded with the game that is played: one line a game. */
const stages: Record<GameDataUnion["kind"], ComponentType<StageProps>> = {
  "escape-room": lazy(() => import("./escaperoom/Stage")),
  "picture-reveal": lazy(() => import("./picturereveal/Stage")),
  "question-video": lazy(() => import("./questionvideo/Stage")),
  "quiz-show": lazy(() => import("./quizshow/Stage")),
  whiteboard: lazy(() => import("./whiteboard/Stage")),
  "word-hunt": lazy(() => import("./wordhunt/Stage")),
};

/** The stage of a game; nothing where this version doesn't know it. */
export const stageOf = (kind: string): ComponentType<StageProps> | undefined =>
  stages[kind as GameDataUnion["kind"]];
