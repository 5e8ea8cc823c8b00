import { partsOf } from "../games";
import type { Activity } from "../generated/types";

/** Takes questions out, with what the game keeps for them. */
export const removeQuestions =
  (ids: string[]) =>
  (activity: Activity): Activity => {
    const game = partsOf(activity.game.kind)?.without?.(activity.game, ids) ?? activity.game;
    return {
      ...activity,
      game: { ...game, questions: game.questions.filter((q) => !ids.includes(q.id)) },
    };
  };
