import type { OfTrail, Showing } from "../../generated/types";
import { QuestionView } from "../../questions/stage/QuestionView";
import { Countdown } from "../../stage/Countdown";
import { Heading } from "../../stage/Heading";
import { Points } from "../../stage/Points";
import { StageFrame } from "../../stage/StageFrame";
import type { StageProps } from "../../stage/stage";
import { words } from "../../words/learner";
import { ClimbView, climbLine, heightNow } from "./ClimbView";
import { TrailView } from "./TrailView";
import { boardWords } from "./words";

/** The quiz show as it is played: the same for the projector, a tablet and a phone. */
export default function QuizShowStage(props: StageProps) {
  const { showing } = props;
  const { scene, teams, passMark } = showing;
  const climb = scene?.kind === "climb" ? scene : undefined;
  const steps = climb?.steps.length ?? 0;
  const height = climb ? heightNow(climb, teams) : 0;
  return (
    <StageFrame
      {...props}
      facts={facts(showing)}
      progress={climb && climbLine(climb, teams)}
      // On the trail's board the markers are on the picture itself.
      bunting={showing.stage !== "board" && !climb}
      end={
        climb && {
          beside: (
            <div className="h-[max(14rem,48cqh)] max-w-full flex-[0_1_24em]">
              <ClimbView climb={climb} teams={teams} small />
            </div>
          ),
          title: words.game.madeIt,
          lost: boardWords.climb.lost(height, steps),
          won: (points) => boardWords.climb.wonAt(height, steps, points),
          needed: boardWords.climb.needed(passMark?.rightNeeded ?? 0),
        }
      }
    >
      {(read) => (
        <>
          {showing.stage === "board" && scene?.kind === "trail" && (
            <BoardView {...props} trail={scene} />
          )}
          {showing.question &&
            (climb ? (
              <div className="stage-climbing">
                <QuestionView
                  {...props}
                  read={read}
                  own={{ standing: boardWords.climb.at(height, steps) }}
                />
                <ClimbView climb={climb} teams={teams} />
              </div>
            ) : (
              <QuestionView {...props} read={read} />
            ))}
        </>
      )}
    </StageFrame>
  );
}

function facts({ scene, passMark, score, teams }: Showing): string {
  if (teams.length > 0) return words.teams.wins;
  if (!passMark) return "";
  if (scene?.kind !== "climb") return words.game.facts(passMark, score.asked);
  return `${boardWords.climb.at(0, scene.steps.length)} · ${boardWords.climb.needed(passMark.rightNeeded)}`;
}

/** The picture on which the next question is picked, and how it stands. */
function BoardView(props: StageProps & { trail: OfTrail }) {
  const { showing, act, busy, takesFocus, note, trail } = props;
  const { score, terms } = showing;
  return (
    <>
      <TrailView trail={trail} busy={busy} pick={(question) => act({ kind: "pick", question })}>
        <Heading takesFocus={takesFocus} turn={`board ${score.points}`} about="details" lesser>
          {boardWords.trail.play}
        </Heading>
        <Points score={score} />
        <p className="text-soft">{words.game.rightOf(score)}</p>
        {terms.lives !== undefined && <p className="text-soft">{words.game.lives(terms.lives)}</p>}
        <Countdown showing={showing} />
      </TrailView>
      {note && <p role="status">{note}</p>}
    </>
  );
}
