import type { HuntScene, Showing } from "../../generated/types";
import { StageFrame } from "../../stage/StageFrame";
import type { StageProps } from "../../stage/stage";
import { words } from "../../words/learner";
import { HuntBoard } from "./HuntBoard";
import { HuntPicture } from "./HuntPicture";
import { Slip } from "./Slip";
import { huntWords } from "./words";
import "./hunt.css";

/** The word hunt as it is played: the same for the projector, a tablet and a phone. */
export default function WordHuntStage(props: StageProps) {
  const { showing } = props;
  const scene = showing.scene?.kind === "word-hunt" ? showing.scene : undefined;
  if (!scene) return null;
  const { right, asked } = showing.score;
  return (
    <StageFrame
      {...props}
      facts={[
        huntWords.facts(asked, scene.of),
        ...(showing.teams.length > 0 ? [words.teams.wins] : []),
      ].join(" ")}
      progress={huntWords.found(right, asked)}
      bunting={false}
      end={endOf(showing, scene)}
    >
      {(read) => showing.stage === "playing" && <HuntBoard {...props} scene={scene} read={read} />}
    </StageFrame>
  );
}

function endOf({ score, ending, teams }: Showing, scene: HuntScene) {
  const { right, asked } = score;
  const late = ending?.outcome.ended === "time";
  // On the picture a line is drawn only around what has a place there.
  const shown = scene.lines.some((line) => !line.found && line.name && line.place);
  return {
    beside: (
      <div className="hunt-end">
        <HuntPicture scene={scene} />
        <Slip scene={scene} teams={teams} />
      </div>
    ),
    lost: late ? huntWords.timeUp(right, asked) : huntWords.lost(right, asked),
    won: huntWords.wonAll,
    needed: shown && scene.picture ? huntWords.lostText : huntWords.lostPlain,
  };
}
