import { useRef } from "react";
import type { FilmScene, Showing } from "../../generated/types";
import { QuestionView } from "../../questions/stage/QuestionView";
import { Countdown } from "../../stage/Countdown";
import { Heading } from "../../stage/Heading";
import { Points } from "../../stage/Points";
import { StageFrame } from "../../stage/StageFrame";
import type { StageProps } from "../../stage/stage";
import { words } from "../../words/learner";
import { FilmView } from "./FilmView";
import { videoWords } from "./words";
import "./film.css";

/** The question video as it is played: the same for the projector, a tablet and a phone. */
export default function QuestionVideoStage(props: StageProps) {
  const { showing } = props;
  const scene = showing.scene?.kind === "question-video" ? showing.scene : undefined;
  /** A page that is opened in the middle of a film waits for a press; a browser asks for one. */
  const opened = useRef(showing.stage);
  return (
    <StageFrame
      {...props}
      facts={scene ? facts(showing, scene) : ""}
      bunting={!scene}
      end={scene && endOf(showing, scene)}
    >
      {(read) =>
        showing.stage !== "end" && (
          <div className="film-stage" data-asking={showing.question !== undefined}>
            {showing.question && (
              <QuestionView
                {...props}
                read={read}
                own={
                  scene && {
                    standing: videoWords.watched(scene.share),
                    next: videoWords.goOn,
                    ...(scene.skips && showing.stage === "question" && { skip: videoWords.skip }),
                  }
                }
              />
            )}
            {scene && !showing.question && <FilmHead {...props} scene={scene} />}
            {scene && (
              <FilmView
                {...props}
                scene={scene}
                playsOn={opened.current === "title"}
                over={(again) => <Over {...props} scene={scene} watchAgain={again} />}
              />
            )}
          </div>
        )
      }
    </StageFrame>
  );
}

function facts({ passMark, score, teams }: Showing, { shown, pennants, needed }: FilmScene) {
  return [
    videoWords.facts(shown.to - shown.from, pennants.length),
    ...(needed > 0 ? [videoWords.factsShare(needed)] : []),
    teams.length > 0
      ? words.teams.wins
      : passMark && score.asked > 0
        ? words.game.facts(passMark, score.asked)
        : "",
  ].join(" ");
}

/** What is to be done, how it stands, and the clock. */
function FilmHead({ showing, note }: StageProps & { scene: FilmScene }) {
  const { score, teams, terms } = showing;
  return (
    <div className="film-head">
      <Heading takesFocus={false} turn="film" about="details" lesser>
        {videoWords.watch}
      </Heading>
      <div className="flex flex-wrap items-center gap-x-[1em]">
        {teams.length === 0 && score.asked > 0 && <Points score={score} />}
        {terms.lives !== undefined && <p className="text-soft">{words.game.lives(terms.lives)}</p>}
        <Countdown showing={showing} />
      </div>
      {note && <p role="status">{note}</p>}
    </div>
  );
}

/** The film is over, and something may be left to watch. */
function Over(props: StageProps & { scene: FilmScene; watchAgain: () => void }) {
  const { scene, act, busy, watchAgain } = props;
  const enough = scene.share >= scene.needed;
  return (
    <>
      <p>{enough ? videoWords.over : videoWords.notEnough(scene.share, scene.needed)}</p>
      <div className="flex flex-wrap justify-center gap-3">
        <button
          type="button"
          className={`btn ${enough ? "btn-outline" : "btn-primary"}`}
          onClick={watchAgain}
        >
          {videoWords.again}
        </button>
        <button
          type="button"
          className={`btn ${enough ? "btn-primary" : "btn-outline"}`}
          disabled={busy}
          onClick={() => act({ kind: "finish-film" })}
        >
          {enough ? videoWords.finish : videoWords.finishAnyway}
        </button>
      </div>
    </>
  );
}

function endOf({ score, passMark }: Showing, { share, needed }: FilmScene) {
  return {
    lost: share < needed ? videoWords.unwatched(share) : words.game.lost(score),
    won: videoWords.won,
    needed: videoWords.needed(share, needed, passMark?.rightNeeded),
  };
}
