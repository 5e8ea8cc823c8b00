import { partsOf } from "../games";
import type { Activity } from "../generated/types";
import { questionsOf, withQuestions } from "../questions/questionsOf";

/** Takes questions out, with what the game keeps for them. */
export const removeQuestions =
  (ids: string[]) =>
  (activity: Activity): Activity => {
    const game = partsOf(activity.game.kind)?.without?.(activity.game, ids) ?? activity.game;
    return withQuestions(
      { ...activity, game },
      questionsOf(activity).filter((q) => !ids.includes(q.id)),
    );
  };
