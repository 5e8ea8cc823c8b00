import { useEffect } from "react";
import { Link, useParams } from "react-router";
import { ApiProblem } from "../api/client";
import { GameStage } from "../games/GameStage";
import { fetchDragging } from "../questions/answers/AnswerField";
import { MediaContext } from "../rich/media";
import { SoundButton } from "../sound/SoundButton";
import { useSound } from "../sound/useSound";
import { LookButton } from "../ui/LookButton";
import { Loading, Notice, problemWords } from "../ui/Notice";
import { words } from "../words/learner";
import { Others } from "./Others";
import { useRemoteGame } from "./useRemoteGame";

/** After how long the page stands, and fetches what it may need later. */
const AHEAD_MILLIS = 1_000;

/** The learner's side, from a phone to a desktop. */
export default function PlayPage() {
  const { code = "" } = useParams();
  return <Play key={code} code={code} />;
}

function Play({ code }: { code: string }) {
  const game = useRemoteGame(code);
  const there = game.showing !== undefined;
  useEffect(() => {
    if (!there) return;
    // After what is looked at first, and in good time: a network that goes away takes nothing with it.
    const ahead = setTimeout(() => fetchDragging().catch(() => undefined), AHEAD_MILLIS);
    return () => clearTimeout(ahead);
  }, [there]);
  const sound = useSound(game.showing, game.medium);
  const { happened } = game;
  useEffect(() => {
    if (happened) sound(happened);
  }, [happened, sound]);
  if (game.problem !== undefined) {
    const unknown = game.problem instanceof ApiProblem && game.problem.status === 404;
    return (
      <Notice
        action={
          unknown ? (
            <Link to="/play" className="btn btn-primary">
              {words.play.otherCode}
            </Link>
          ) : (
            <button type="button" className="btn btn-primary" onClick={game.again}>
              {words.tryAgain}
            </button>
          )
        }
      >
        <p role="alert">{problemWords(game.problem)}</p>
      </Notice>
    );
  }
  if (!game.showing) return <Loading />;
  if (game.showing.markers.length === 0) {
    return (
      <Notice
        title={game.showing.cover.title}
        action={
          <button type="button" className="btn btn-primary" onClick={game.again}>
            {words.tryAgain}
          </button>
        }
      >
        <p>{words.play.notYet}</p>
      </Notice>
    );
  }
  const { stage, question } = game.showing;
  const others = stage === "feedback" && question?.kind === "discussion" && (
    <Others about={question.id} read={() => game.contributions(question.id)} />
  );
  return (
    <MediaContext value={game.medium}>
      <main className="relative mx-auto h-dvh max-w-6xl">
        <h1 className="sr-only">{game.showing.cover.title}</h1>
        <div className="stage-frame overflow-y-auto">
          <GameStage
            showing={game.showing}
            given={game.given}
            give={game.give}
            timeUp={game.refresh}
            act={game.act}
            again={game.again}
            busy={game.busy}
            note={game.note}
            others={others}
            takesFocus
          />
        </div>
        {stage === "title" && (
          <>
            <div className="absolute top-1 right-1 flex">
              <SoundButton />
              <LookButton short />
            </div>
            {game.number !== undefined && (
              <p className="absolute inset-x-0 bottom-4 text-center text-lg text-soft">
                {words.play.number(game.number)}
              </p>
            )}
          </>
        )}
      </main>
    </MediaContext>
  );
}
