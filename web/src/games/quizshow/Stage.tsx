import { useEffect, useRef } from "react";
import type { Showing } from "../../generated/types";
import { Bunting } from "../../ui/Bunting";
import { words } from "../../words/en";
import { onwards, type StageProps } from "../stage";
import { EndView } from "./EndView";
import { FeedbackPanel } from "./FeedbackPanel";
import { Options } from "./Options";

/** The quiz show as it is played: the same for the projector, a tablet and a phone. */
export function QuizShowStage(props: StageProps) {
  const { showing } = props;
  return (
    <div className="stage">
      {showing.stage !== "title" && <Bunting markers={showing.markers} />}
      <p className="sr-only" role="status">
        {showing.stage !== "title" && words.game.progress(showing.score, showing.question?.number)}
      </p>
      {showing.stage === "title" && <TitleView {...props} />}
      {showing.question && <QuestionView {...props} />}
      {showing.ending && <EndView {...props} ending={showing.ending} />}
    </div>
  );
}

function TitleView({ showing, act, busy, takesFocus, note }: StageProps) {
  const { cover, passMark } = showing;
  return (
    <div className="flex flex-1 flex-col items-center justify-center gap-[calc(var(--gap)*1.4)] text-center">
      <Heading takesFocus={takesFocus} turn="title" about="title">
        {cover.title || words.activities.untitled}
      </Heading>
      <p className="text-soft" data-about="details">
        {[cover.subject, cover.year === undefined ? "" : words.year(cover.year)]
          .filter(Boolean)
          .join(" · ")}
      </p>
      {cover.introduction && (
        <p className="max-w-[34em] whitespace-pre-line font-sans" data-about="details">
          {cover.introduction}
        </p>
      )}
      <p>{words.game.facts(passMark)}</p>
      <button
        type="button"
        className="btn btn-primary"
        disabled={busy}
        onClick={() => act({ kind: "start" })}
      >
        {words.game.start}
      </button>
      {note && <p role="status">{note}</p>}
    </div>
  );
}

function QuestionView(props: StageProps) {
  const { showing, chosen, act, busy, takesFocus, note } = props;
  const { question, feedback, score } = showing;
  if (!question) return null;
  const answering = showing.stage === "question";
  const unanswerable = answering && question.choices.length === 0;
  return (
    <form
      className="flex flex-1 flex-col gap-[var(--gap)]"
      onSubmit={(event) => {
        event.preventDefault();
        const move = unanswerable
          ? ({ kind: "continue", question: question.id } as const)
          : onwards(showing, chosen);
        if (move && !busy) act(move);
      }}
    >
      <Heading takesFocus={takesFocus} turn={question.id} about={`question ${question.id}`}>
        {question.text}
      </Heading>
      <Options {...props} question={question} />
      {unanswerable && <p className="text-soft">{words.live.unfinished}</p>}
      {feedback && (
        <FeedbackPanel told={feedback} question={question.id} comesIntoView={takesFocus} />
      )}
      <div className="mt-auto flex flex-wrap items-center justify-between gap-x-6 gap-y-2 border-t border-line pt-[calc(var(--gap)*0.8)]">
        <p className="text-soft">
          <strong className="text-base-content">{score.points}</strong>{" "}
          {words.game.pointsUnit(score.points)}
        </p>
        <p className="text-soft">{words.game.place(question.number, score.asked)}</p>
        <button
          type="submit"
          className="btn btn-primary @max-[599px]/stage:w-full @max-[599px]/stage:order-first"
          disabled={busy || (answering && !unanswerable && chosen === undefined)}
        >
          {buttonWords(showing, unanswerable)}
        </button>
        {note && (
          <p role="status" className="w-full">
            {note}
          </p>
        )}
      </div>
    </form>
  );
}

function buttonWords(showing: Showing, unanswerable: boolean): string {
  if (unanswerable) return words.live.passOver;
  if (showing.stage === "question") return words.game.answer;
  const { score } = showing;
  const last = score.right + score.wrong + score.missed === score.asked;
  return last ? words.game.toEnd : words.game.next;
}

/** The stage's heading; where the stage owns the page, it takes the focus at each turn. */
export function Heading(props: {
  children: string;
  turn: string;
  /** What of the sheet it shows. */
  about: string;
  takesFocus?: boolean;
}) {
  const { children, turn, about, takesFocus } = props;
  const ref = useRef<HTMLHeadingElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the focus moves with each turn
  useEffect(() => {
    if (takesFocus) ref.current?.focus({ preventScroll: true });
  }, [takesFocus, turn]);
  return (
    <h2
      ref={ref}
      tabIndex={-1}
      className="stage-question outline-none"
      data-long={children.length > 110}
      data-about={about}
    >
      {children}
    </h2>
  );
}
