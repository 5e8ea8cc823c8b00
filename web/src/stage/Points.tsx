import type { Scorecard } from "../generated/types";
import { words } from "../words/learner";

/** The points so far. */
export function Points({ score }: { score: Scorecard }) {
  return (
    <p className="text-soft">
      <strong className="text-base-content">{score.points}</strong>{" "}
      {words.game.pointsUnit(score.points)}
    </p>
  );
}
