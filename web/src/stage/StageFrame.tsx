import { type ReactNode, useRef } from "react";
import { ReadAloud } from "../aloud/ReadAloud";
import { useMediaAddress } from "../rich/media";
import { words } from "../words/learner";
import { Bunting } from "./Bunting";
import { Confirm } from "./Confirm";
import { dressStyle, useFonts } from "./dress";
import { EndView, type OwnEnd } from "./EndView";
import type { StageProps } from "./stage";
import { TeamsBar } from "./TeamsBar";
import { TitleView } from "./TitleView";
import { useFit } from "./useFit";

interface FrameProps extends StageProps {
  /** How it is played and won, for the title page. */
  facts: string;
  /** How it stands, for who hears it; points and places where nothing is said. */
  progress?: string;
  /** Whether the markers hang at the top; not where the scene itself shows them. */
  bunting: boolean;
  /** Whether they hang small, where something else is to fill the view. */
  small?: boolean;
  /** What the end says of this game alone. */
  end?: OwnEnd;
  /** What is seen between the title page and the end. */
  children: (read: ReactNode) => ReactNode;
}

/** What every game has around it: its look, markers, teams, title page and end. */
export function StageFrame(props: FrameProps) {
  const { showing, facts, progress, bunting, small, end, children } = props;
  const stage = useRef<HTMLDivElement>(null);
  const read = showing.stage !== "end" && (
    <ReadAloud
      stage={stage}
      turn={`${showing.stage} ${showing.question?.id}`}
      wordsPerMinute={showing.cover.aloud}
    />
  );
  const address = useMediaAddress();
  const { dress, teams } = showing;
  const begun = showing.stage !== "title";
  useFonts(dress?.type);
  useFit(stage);
  return (
    <div
      ref={stage}
      // What has no focus of its own gives it to the stage, so that it falls to nowhere.
      tabIndex={-1}
      className="stage"
      data-inked="stage"
      data-told={showing.feedback !== undefined || showing.talk?.opened !== undefined}
      data-teams={teams.length > 0}
      data-dense={showing.question?.dense === true}
      data-dressed={dress !== undefined}
      style={dress && dressStyle(dress, address)}
    >
      {begun && bunting && (
        <Bunting
          markers={showing.markers}
          shape={dress?.shape}
          small={small || teams.length > 0 || showing.talk !== undefined}
        />
      )}
      {begun && teams.length > 0 && <TeamsBar teams={teams} press={props.pressTeam} />}
      <p className="sr-only" role="status">
        {begun && (progress ?? words.game.progress(showing.score, showing.question?.number))}
      </p>
      {!begun && <TitleView {...props} facts={facts} read={read} />}
      {begun && children(read)}
      {begun && !showing.ending && showing.terms.startAgain && props.again && !props.aloud && (
        <div className="stage-again">
          <Confirm
            label={words.game.startAgain}
            ask={words.game.startAgainAsk}
            goOn={words.game.keepPlaying}
            act={props.again}
          />
        </div>
      )}
      {showing.ending && <EndView {...props} ending={showing.ending} own={end} />}
    </div>
  );
}
