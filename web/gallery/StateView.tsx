import { GameStage } from "../src/games/GameStage";
import { MediaContext } from "../src/rich/media";
import type { State } from "./states";

const nothing = () => undefined;

/** A state as it stands on a learner's device, or before the class. */
export function StateView({ state: { audience, showing } }: { state: State }) {
  const front = audience === "projector";
  return (
    <MediaContext value={(medium) => `/gallery/media/${medium}`}>
      <main
        className={
          front ? "present relative h-dvh bg-base-100" : "relative mx-auto h-dvh max-w-6xl"
        }
      >
        <h1 className="sr-only">{showing.cover.title}</h1>
        <div className="stage-frame overflow-y-auto">
          <GameStage
            showing={showing}
            give={nothing}
            act={nothing}
            again={nothing}
            pressTeam={front ? nothing : undefined}
            aloud={front}
            takesFocus
          />
        </div>
      </main>
    </MediaContext>
  );
}
