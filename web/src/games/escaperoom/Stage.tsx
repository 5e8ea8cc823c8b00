import type { Showing } from "../../generated/types";
import { StageFrame } from "../../stage/StageFrame";
import type { StageProps } from "../../stage/stage";
import { words } from "../../words/learner";
import { EscapeBoard } from "./EscapeBoard";
import { escapeWords } from "./words";
import "./escape.css";

/** The escape room as it is played: the same for the projector, a tablet and a phone. */
export default function EscapeStage(props: StageProps) {
  const { showing } = props;
  const scene = showing.scene?.kind === "escape-room" ? showing.scene : undefined;
  if (!scene) return null;
  const open = scene.rooms.flatMap((room) => room.locks).filter((lock) => lock.open).length;
  const ended = showing.stage === "end";
  return (
    <StageFrame
      {...props}
      facts={[
        escapeWords.facts,
        showing.terms.gameSeconds === undefined
          ? undefined
          : escapeWords.clockFacts(scene.wrongSeconds),
        showing.teams.length > 0 ? words.teams.wins : undefined,
      ]
        .filter(Boolean)
        .join(" ")}
      progress={escapeWords.progress(open)}
      bunting
      small
      end={endOf(showing)}
    >
      {(read) => !ended && <EscapeBoard {...props} scene={scene} read={read} />}
    </StageFrame>
  );
}

/** How far one got: what the teacher opened counts as got through. */
function endOf({ score, ending }: Showing) {
  const through = score.right + score.given;
  const ended = ending?.outcome.ended;
  const lost =
    ended === "time"
      ? escapeWords.timeUp
      : ended === "lives"
        ? escapeWords.livesUp
        : escapeWords.lost;
  return {
    title: words.game.madeIt,
    lost: lost(through, score.asked),
    won: escapeWords.won,
    needed: escapeWords.lostText,
  };
}
