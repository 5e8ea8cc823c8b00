import { Suspense } from "react";
import { endOf, useAfter } from "../stage/clock";
import { StageBoundary } from "../stage/StageBoundary";
import type { StageProps } from "../stage/stage";
import { Loading } from "../ui/Notice";
import { words } from "../words/learner";
import { stageOf } from "./stages";

/**
 * The stage of whichever game is played. One that breaks takes nothing else with it, and is shown
 * again with the next turn.
 */
export function GameStage(props: StageProps) {
  const { showing } = props;
  // What is shown once the time is up is the engine's word; nobody has to press anything for it.
  useAfter(endOf(showing), props.timeUp);
  const Stage = stageOf(showing.game);
  if (!Stage) return <p className="p-4">{words.unknownGame}</p>;
  return (
    <StageBoundary turn={`${showing.stage} ${showing.question?.id} ${showing.score.points}`}>
      <Suspense fallback={<Loading inside />}>
        <Stage {...props} />
      </Suspense>
    </StageBoundary>
  );
}
