import type { CSSProperties } from "react";
import type { RevealScene, Showing } from "../../generated/types";
import { StageFrame } from "../../stage/StageFrame";
import type { StageProps } from "../../stage/stage";
import { words } from "../../words/learner";
import { RevealBoard } from "./RevealBoard";
import { RevealPicture } from "./RevealPicture";
import { revealWords } from "./words";
import "./reveal.css";

/** The picture reveal as it is played: the same for the projector, a tablet and a phone. */
export default function PictureRevealStage(props: StageProps) {
  const { showing } = props;
  const scene = showing.scene?.kind === "picture-reveal" ? showing.scene : undefined;
  if (!scene) return null;
  return (
    <StageFrame
      {...props}
      facts={[
        revealWords.facts(scene.pieces.length, scene.worth),
        ...(showing.teams.length > 0 ? [words.teams.wins] : []),
      ].join(" ")}
      bunting={false}
      end={endOf(showing, scene)}
    >
      {(read) => showing.stage !== "end" && <RevealBoard {...props} scene={scene} read={read} />}
    </StageFrame>
  );
}

function endOf({ ending }: Showing, scene: RevealScene) {
  const { pieces, answer } = scene;
  const lifted = pieces.filter(({ lying }) => lying === "lifted").length;
  const late = ending?.outcome.ended === "time";
  return {
    beside: (
      <div className="reveal-end" style={{ "--ratio": scene.ratio / 1000 } as CSSProperties}>
        <RevealPicture scene={scene} falls={scene.picture !== undefined} />
      </div>
    ),
    lost: late
      ? revealWords.timeUp(lifted, pieces.length)
      : revealWords.lost(lifted, pieces.length),
    won: (points: number) => revealWords.won(answer, points),
    needed: revealWords.was(answer),
  };
}
