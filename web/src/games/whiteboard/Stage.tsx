import type { WhiteboardScene } from "../../generated/types";
import { QuestionView } from "../../questions/stage/QuestionView";
import { Rich } from "../../rich/Rich";
import { plainOf, sentenceOf } from "../../rich/words";
import { moveOnBoard, PICKED } from "../../stage/boardKeys";
import { Countdown } from "../../stage/Countdown";
import { Heading } from "../../stage/Heading";
import { MARKER_SIGNS } from "../../stage/markerSigns";
import { Points } from "../../stage/Points";
import { StageFrame } from "../../stage/StageFrame";
import type { StageProps } from "../../stage/stage";
import { words } from "../../words/learner";
import { boardPagesWords } from "./words";
import "./whiteboard.css";

/** The whiteboard as it is played: a wide page with a task on it, or the pages to pick from. */
export default function WhiteboardStage(props: StageProps) {
  const { showing } = props;
  const { scene, stage, teams, passMark, score } = showing;
  const board = scene?.kind === "whiteboard" ? scene : undefined;
  return (
    <StageFrame
      {...props}
      facts={
        teams.length > 0
          ? words.teams.wins
          : boardPagesWords.facts(score.asked, passMark ?? undefined)
      }
      bunting={stage !== "board"}
      small
    >
      {(read) => (
        <>
          {stage === "board" && board && <Pages {...props} board={board} />}
          {showing.question && <QuestionView {...props} folds={board?.flaps} read={read} />}
        </>
      )}
    </StageFrame>
  );
}

/** The pages, as sheets of paper with what is asked on them. */
function Pages(props: StageProps & { board: WhiteboardScene }) {
  const { showing, act, busy, takesFocus, note, board } = props;
  const { score } = showing;
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-[1em]">
        <Heading takesFocus={takesFocus} turn={`board ${score.points}`} about="details">
          {boardPagesWords.pick}
        </Heading>
        <Points score={score} />
        <Countdown showing={showing} />
      </div>
      <ol className="board-pages" onKeyDown={moveOnBoard}>
        {board.pages.map((page) => (
          <li key={page.question}>
            <button
              type="button"
              {...(page.open ? PICKED : {})}
              disabled={busy || !page.open}
              data-state={page.state}
              aria-label={boardPagesWords.page(page, plainOf(page.title))}
              onClick={() => act({ kind: "pick", question: page.question })}
              className="board-page"
            >
              <span className="board-page-number">
                {page.state === "to-do" ? page.number : MARKER_SIGNS[page.state]}
              </span>
              <span className="board-page-title">
                <Rich words={sentenceOf(page.title)} still />
              </span>
              {page.state !== "to-do" && (
                <span className="text-soft">{boardPagesWords.state(page.state)}</span>
              )}
            </button>
          </li>
        ))}
      </ol>
      {note && <p role="status">{note}</p>}
    </>
  );
}
