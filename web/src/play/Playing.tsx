import { type ReactNode, useEffect } from "react";
import { ApiProblem } from "../api/client";
import { GameStage } from "../games/GameStage";
import { fetchDragging } from "../questions/answers/AnswerField";
import { MediaContext } from "../rich/media";
import { SoundButton } from "../sound/SoundButton";
import { useSound } from "../sound/useSound";
import { useLaid } from "../stage/laid";
import { useLooking } from "../stage/looking";
import { onwards } from "../stage/stage";
import { LookButton } from "../ui/LookButton";
import { Loading, Notice, problemWords } from "../ui/Notice";
import { useTapsStay } from "../ui/tapsStay";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/learner";
import { EndsSoon } from "./EndsSoon";
import { Others } from "./Others";
import type { RemoteGame } from "./useRemoteGame";

/** After how long the page stands, and fetches what it may need later. */
const AHEAD_MILLIS = 1_000;

/** A game as a learner plays it: all there is on her screen. */
export function Playing(props: {
  game: RemoteGame;
  /** Where else she can go, once this can't be played. */
  leave: ReactNode;
  /** The same, where a game has ended. */
  atEnd?: ReactNode;
  /** Whether it is only looked back at: no other game is begun from here. */
  looksBack?: boolean;
  /** Begins anew before the end, where the rules let her; without it, as after the end. */
  anew?: () => void;
  /** Whether a game is begun only once the last has ended: where goes are counted. */
  oneByOne?: boolean;
}) {
  const { game, leave, atEnd, looksBack = false, oneByOne = false, anew } = props;
  const there = game.showing !== undefined;
  usePageTitle(game.showing?.cover.title || words.untitled);
  useEffect(() => {
    if (!there) return;
    // After what is looked at first, and in good time: a network that goes away takes nothing with it.
    const ahead = setTimeout(() => fetchDragging().catch(() => undefined), AHEAD_MILLIS);
    return () => clearTimeout(ahead);
  }, [there]);
  const { seen, looking, act } = useLooking(game.showing, game.act);
  const { given, give } = useLaid(game.sitting, seen);
  const sound = useSound(game.showing, game.medium);
  useTapsStay();
  const { happened } = game;
  useEffect(() => {
    if (happened) sound(happened);
  }, [happened, sound]);
  if (game.problem !== undefined) {
    // What the server has refused it refuses again.
    const unknown =
      game.problem instanceof ApiProblem && [401, 404, 409].includes(game.problem.status);
    return (
      <Notice
        action={
          unknown ? (
            leave
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
  if (!game.showing || !seen) return <Loading />;
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
  const { stage, question } = seen;
  const ended = stage === "end";
  const another = ended && game.hours.again ? game.again : undefined;
  const againNow = looksBack ? undefined : ended ? another : oneByOne ? anew : game.again;
  const others = stage === "feedback" && question?.kind === "discussion" && (
    <Others about={question.id} read={() => game.contributions(question.id)} />
  );
  return (
    <MediaContext value={game.medium}>
      <main className="relative mx-auto h-dvh max-w-6xl">
        <h1 className="sr-only">{game.showing.cover.title}</h1>
        <div className="stage-frame overflow-y-auto">
          <GameStage
            showing={seen}
            looking={looking}
            given={given}
            give={give}
            timeUp={game.refresh}
            act={act}
            again={againNow}
            busy={game.busy}
            waiting={game.waiting}
            note={game.note}
            others={others}
            leave={atEnd}
            takesFocus
          />
        </div>
        {!ended && game.hours.endsAt !== undefined && (
          <EndsSoon
            at={game.hours.endsAt}
            handIn={() => {
              const move = onwards(seen, given);
              if (move?.kind === "answer" && !game.busy) act(move);
            }}
            look={game.refresh}
          />
        )}
        {stage === "title" && (
          <>
            <div className="absolute top-1 right-1 flex">
              <SoundButton />
              <LookButton short />
            </div>
            {!!game.number && (
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
