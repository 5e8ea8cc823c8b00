import { ZoomIn, ZoomOut } from "lucide-react";
import { type ReactNode, useEffect, useState } from "react";
import type { RevealScene } from "../../generated/types";
import { QuestionView } from "../../questions/stage/QuestionView";
import { Rich } from "../../rich/Rich";
import { moveOnBoard } from "../../stage/boardKeys";
import { Countdown } from "../../stage/Countdown";
import { EntryLine } from "../../stage/EntryLine";
import { Heading } from "../../stage/Heading";
import { Points } from "../../stage/Points";
import { StageTool } from "../../stage/StageTool";
import type { StageProps } from "../../stage/stage";
import { useSize } from "../../ui/useSize";
import { words } from "../../words/learner";
import { RevealPicture } from "./RevealPicture";
import { revealWords } from "./words";

/** What a finger needs, in CSS pixels. */
const FINGER = 44;
/** How far torn edges reach over the picture, in CSS pixels. */
const TORN = 8;
const CLOSER = 1.4;
const CLOSEST = 4;

type BoardProps = StageProps & { scene: RevealScene; read: ReactNode };

/** The picture with its sheets, the question that was picked, and the line for a guess. */
export function RevealBoard(props: BoardProps) {
  const { showing, scene, act, busy, read, note } = props;
  const asking = showing.question !== undefined;
  const lifted = scene.pieces.filter(({ lying }) => lying === "lifted").length;
  return (
    <div className="reveal" data-asking={asking}>
      {asking ? (
        <QuestionView
          {...props}
          read={read}
          own={{ standing: revealWords.lifted(lifted, scene.pieces.length) }}
        />
      ) : (
        <BoardHead {...props} lifted={lifted} />
      )}
      <div className="reveal-side">
        <Window
          scene={scene}
          busy={busy}
          asking={asking}
          pick={asking ? undefined : (question) => act({ kind: "pick", question })}
        />
        {scene.guesses && <Guess {...props} />}
        {!asking && note && <p role="status">{note}</p>}
      </div>
    </div>
  );
}

function BoardHead(props: BoardProps & { lifted: number }) {
  const { showing, scene, takesFocus, read, lifted } = props;
  const { score, teams, terms } = showing;
  return (
    <div className="reveal-head">
      <div className="flex items-start gap-[0.4em]">
        <Heading takesFocus={takesFocus} turn={`board ${score.points}`} about="details" lesser>
          {scene.onlyGuess ? revealWords.onlyGuess : revealWords.board}
        </Heading>
        {read}
      </div>
      {scene.said && (
        <div className="sr-only">
          <Rich words={scene.said} />
        </div>
      )}
      <div className="flex flex-wrap gap-x-[1em]">
        {teams.length === 0 && <Points score={score} />}
        <p className="text-soft">{revealWords.lifted(lifted, scene.pieces.length)}</p>
        {terms.lives !== undefined && <p className="text-soft">{words.game.lives(terms.lives)}</p>}
        <Countdown showing={showing} />
      </div>
    </div>
  );
}

/** The picture as large as there is room, and as it takes for a finger to press each piece. */
function Window(props: {
  scene: RevealScene;
  pick?: (question: string) => void;
  busy?: boolean;
  asking: boolean;
}) {
  const { scene, pick, busy, asking } = props;
  const [ref, box] = useSize<HTMLDivElement>();
  const [zoom, setZoom] = useState(1);
  const narrow = Math.min(...scene.pieces.map(({ patch }) => patch.width));
  const low = Math.min(...scene.pieces.map(({ patch }) => patch.height));
  const least = Math.max((FINGER * 1000) / narrow, (FINGER * scene.ratio) / low);
  const room = { width: box.width - 2 * TORN, height: box.height - 2 * TORN };
  const fitting = Math.max(0, Math.min(room.width, (room.height * scene.ratio) / 1000)) || 0;
  const across = (asking ? fitting : Math.max(fitting, Math.min(least, box.width * 3))) * zoom;
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the keys are those of the pieces in it
    <div className="reveal-window" onKeyDown={moveOnBoard}>
      <div ref={ref} className="trail-window">
        <div
          className="m-auto shrink-0"
          style={{ width: across || "100%", padding: TORN, boxSizing: "content-box" }}
        >
          <RevealPicture scene={scene} pick={pick} busy={busy} />
        </div>
      </div>
      {!asking && (
        <div className="reveal-tools">
          <StageTool
            label={revealWords.zoomIn}
            icon={<ZoomIn aria-hidden="true" />}
            disabled={zoom >= CLOSEST}
            act={() => setZoom(Math.min(CLOSEST, zoom * CLOSER))}
          />
          <StageTool
            label={revealWords.zoomOut}
            icon={<ZoomOut aria-hidden="true" />}
            disabled={zoom <= 1}
            act={() => setZoom(Math.max(1, zoom / CLOSER))}
          />
        </div>
      )}
    </div>
  );
}

/** The line for a guess at the whole, and what came of the last. */
function Guess({ scene, showing, act, busy }: BoardProps) {
  const [text, setText] = useState("");
  const [sent, setSent] = useState<string>();
  useEffect(() => {
    if (!busy) setSent(undefined);
  }, [busy]);
  const { told, left, lefts } = scene;
  const last = told.at(-1);
  const limited = lefts.length > 0;
  return (
    <div className="reveal-guess">
      <EntryLine
        text={text}
        setText={setText}
        label={revealWords.entry}
        placeholder={revealWords.placeholder}
        send={revealWords.send}
        lesser={showing.question !== undefined}
        tooLong={revealWords.tooLong}
        saidIn="reveal-said"
        teams={showing.teams}
        asksWho={scene.asksWho}
        teamsLeft={lefts}
        enter={(guess, team) => {
          setSent(guess);
          act({ kind: "guess", text: guess, team });
        }}
      />
      <p id="reveal-said" role="status" className="reveal-said" data-right={last?.right}>
        <span key={told.length}>{last && revealWords.said(last)}</span>
      </p>
      <div className="reveal-means">
        {busy && sent && <span className="text-soft">{revealWords.waiting(sent)}</span>}
        <span className="text-soft">{revealWords.brings(scene.worth)}</span>
        {left !== undefined && !limited && (
          <span className="text-soft">{revealWords.left(left)}</span>
        )}
        {limited && (
          <span className="text-soft">
            {revealWords.teamsLeft(showing.teams.map(({ name }, i) => `${name} ${lefts[i] ?? 0}`))}
          </span>
        )}
        {scene.onlyGuess && (
          <button
            type="button"
            className="btn btn-outline"
            onClick={() => act({ kind: "stop-guessing" })}
          >
            {revealWords.stop}
          </button>
        )}
      </div>
    </div>
  );
}
