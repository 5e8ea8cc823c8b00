import { type ReactNode, useEffect, useRef } from "react";
import { ReadAloud } from "../../aloud/ReadAloud";
import type { ActionUnion, Asked, OfTrail, Scorecard, Showing } from "../../generated/types";
import { AnswerField } from "../../questions/answers/AnswerField";
import { useMediaAddress } from "../../rich/media";
import { MediaRow, Rich } from "../../rich/Rich";
import { mediaOf, plainOf, sentenceOf, type Words } from "../../rich/words";
import { Bunting } from "../../ui/Bunting";
import { words } from "../../words/en";
import { onwards, type StageProps } from "../stage";
import { ClimbView, climbLine, heightNow } from "./ClimbView";
import { Countdown } from "./Countdown";
import { dressStyle, useFonts } from "./dress";
import { EndView } from "./EndView";
import { FeedbackPanel } from "./FeedbackPanel";
import { TalkPanel } from "./TalkPanel";
import { TeamsBar } from "./TeamsBar";
import { TrailView } from "./TrailView";
import { takerOf, waitsForTurn } from "./teams";

/** The quiz show as it is played: the same for the projector, a tablet and a phone. */
export function QuizShowStage(props: StageProps) {
  const { showing } = props;
  const stage = useRef<HTMLDivElement>(null);
  const aloud = showing.stage !== "end" && (
    <ReadAloud
      stage={stage}
      turn={`${showing.stage} ${showing.question?.id}`}
      wordsPerMinute={showing.cover.aloud}
    />
  );
  const address = useMediaAddress();
  const { dress, scene, teams } = showing;
  const climb = scene?.kind === "climb" ? scene : undefined;
  useFonts(dress?.type);
  return (
    <div
      ref={stage}
      className="stage"
      data-told={showing.feedback !== undefined}
      data-teams={teams.length > 0}
      data-dense={showing.question?.dense === true}
      data-dressed={dress !== undefined}
      style={dress && dressStyle(dress, address)}
    >
      {/* On the board the markers are on the picture itself. */}
      {showing.stage !== "title" && showing.stage !== "board" && !climb && (
        <Bunting
          markers={showing.markers}
          shape={dress?.shape}
          small={teams.length > 0 || showing.talk !== undefined}
        />
      )}
      {showing.stage !== "title" && teams.length > 0 && (
        <TeamsBar teams={teams} press={props.pressTeam} />
      )}
      <p className="sr-only" role="status">
        {showing.stage !== "title" &&
          (climb
            ? climbLine(climb, teams)
            : words.game.progress(showing.score, showing.question?.number))}
      </p>
      {showing.stage === "title" && <TitleView {...props} read={aloud} />}
      {showing.stage === "board" && scene?.kind === "trail" && (
        <BoardView {...props} trail={scene} />
      )}
      {showing.question &&
        (climb ? (
          <div className="stage-climbing">
            <QuestionView {...props} read={aloud} />
            <ClimbView climb={climb} teams={teams} />
          </div>
        ) : (
          <QuestionView {...props} read={aloud} />
        ))}
      {showing.ending && <EndView {...props} ending={showing.ending} />}
    </div>
  );
}

/** The picture on which the next question is picked, and how it stands. */
function BoardView(props: StageProps & { trail: OfTrail }) {
  const { showing, act, busy, takesFocus, note, trail, timeUp } = props;
  const { score, terms, clock } = showing;
  return (
    <>
      <TrailView trail={trail} busy={busy} pick={(question) => act({ kind: "pick", question })}>
        <Heading takesFocus={takesFocus} turn={`board ${score.points}`} about="details" lesser>
          {words.trail.play}
        </Heading>
        <Points score={score} />
        <p className="text-soft">{words.game.rightOf(score)}</p>
        {terms.lives !== undefined && <p className="text-soft">{words.game.lives(terms.lives)}</p>}
        {clock && <Countdown clock={clock} timeUp={timeUp} silent={showing.sounds?.off} />}
      </TrailView>
      {note && <p role="status">{note}</p>}
    </>
  );
}

function Points({ score }: { score: Scorecard }) {
  return (
    <p className="text-soft">
      <strong className="text-base-content">{score.points}</strong>{" "}
      {words.game.pointsUnit(score.points)}
    </p>
  );
}

function TitleView({ showing, act, busy, takesFocus, note, read }: StageProps & Read) {
  const { cover, terms, wording } = showing;
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
        <div className="flex max-w-[34em] items-start gap-[0.4em]">
          <div className="font-sans" data-about="details" data-read>
            <Rich words={cover.introduction} />
          </div>
          {read}
        </div>
      )}
      <p>{titleFacts(showing)}</p>
      {showing.teams.length > 0 && <TeamsBar teams={showing.teams} />}
      <p className="text-soft">{words.game.termsOf(terms)}</p>
      <button
        type="button"
        className="btn btn-primary"
        disabled={busy}
        onClick={() => act({ kind: "start" })}
      >
        {wording?.start ?? words.game.start}
      </button>
      {note && <p role="status">{note}</p>}
    </div>
  );
}

function titleFacts({ scene, passMark, score, teams }: Showing): string {
  if (teams.length > 0) return words.teams.wins;
  if (!passMark) return "";
  if (scene?.kind !== "climb") return words.game.facts(passMark, score.asked);
  const { steps } = scene;
  return `${words.climb.at(0, steps.length)} · ${words.climb.needed(passMark.rightNeeded)}`;
}

/** The button that reads aloud what stands there. */
interface Read {
  read: ReactNode;
}

function QuestionView(props: StageProps & Read) {
  const { showing, given, act, busy, takesFocus, note, aloud, others } = props;
  const { question, feedback, talk } = showing;
  if (!question) return null;
  const gaps = question.kind.startsWith("gaps");
  const media = mediaOf(question.text);
  const pictures = media.filter((medium) => medium.kind === "picture");
  return (
    <form
      className="flex flex-1 flex-col gap-[var(--gap)]"
      onSubmit={(event) => {
        event.preventDefault();
        const move = onwards(showing, given, aloud);
        if (move && !busy) act(move);
      }}
    >
      <div className="flex items-start justify-between gap-[0.4em]">
        <Heading takesFocus={takesFocus} turn={question.id} about={`question ${question.id}`}>
          {gaps ? words.game.fillGaps : sentenceOf(question.text)}
        </Heading>
        {props.read}
      </div>
      <MediaRow media={media.filter((medium) => medium.kind === "sound")} />
      <div className="stage-answer" data-pictures={pictures.length > 0}>
        <MediaRow media={pictures} />
        <div className="flex min-h-0 flex-1 flex-col gap-[var(--gap)]">
          <AnswerField {...props} question={question} />
        </div>
      </div>
      {question.kind === "unfinished" && <p className="text-soft">{words.live.unfinished}</p>}
      <Hints question={question} />
      {talk && !feedback && <TalkPanel question={question} talk={talk} />}
      {feedback && (
        <FeedbackPanel
          showing={showing}
          told={feedback}
          question={question}
          comesIntoView={takesFocus}
        />
      )}
      {others}
      <Foot {...props} question={question} />
      {note && <p role="status">{note}</p>}
    </form>
  );
}

function Hints({ question }: { question: Asked }) {
  return (
    <div role="status">
      {question.help.hints.map((hint, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: hints come one after another and stay
        <div key={i} className="border-l-4 border-accent pl-[0.7em] font-sans">
          <strong>{words.game.hintNumber(i + 1)}</strong> <Rich words={hint} />
        </div>
      ))}
    </div>
  );
}

/** Points, place, lives and clock, and what can be done next. */
function Foot(props: StageProps & { question: Asked }) {
  const { showing, question, given, act, busy, timeUp, aloud } = props;
  const { score, terms, clock, feedback, scene, teams, wording, talk } = showing;
  const answering = showing.stage === "question" && !talk?.done;
  const again = feedback !== undefined && !feedback.settled && !terms.later;
  const taken = feedback !== undefined && !feedback.settled && takerOf(showing) !== undefined;
  return (
    <div className="mt-auto flex flex-wrap items-center justify-between gap-x-6 gap-y-2 border-t border-line pt-[calc(var(--gap)*0.8)]">
      {teams.length === 0 && <Points score={score} />}
      {teams.length > 0 && question.number === 0 && question.kind !== "information" && (
        <p className="text-soft">{words.teams.deciding}</p>
      )}
      {props.pressTeam && waitsForTurn(showing) && (
        <p className="text-soft">{words.teams.giveTurn}</p>
      )}
      {scene?.kind === "climb" && (
        <p className="text-soft">{words.climb.at(heightNow(scene, teams), scene.steps.length)}</p>
      )}
      {question.number > 0 && scene?.kind !== "climb" && (
        <p className="text-soft">{words.game.place(question.number, score.asked)}</p>
      )}
      {terms.lives !== undefined && <p className="text-soft">{words.game.lives(terms.lives)}</p>}
      {clock && <Countdown clock={clock} timeUp={timeUp} silent={showing.sounds?.off} />}
      <div className="flex flex-wrap gap-[calc(var(--gap)*0.6)] @max-[599px]/stage:order-first @max-[599px]/stage:w-full @max-[599px]/stage:flex-col-reverse">
        {answering && question.help.more > 0 && (
          <button
            type="button"
            className="btn btn-outline"
            disabled={busy}
            onClick={() => act({ kind: "hint", question: question.id })}
          >
            {question.help.price > 0
              ? words.game.hintCosts(question.help.price)
              : (wording?.hint ?? words.game.hint)}
          </button>
        )}
        {(taken || (again && terms.tries !== undefined)) && (
          <button
            type="button"
            className="btn btn-outline"
            disabled={busy}
            onClick={() => act({ kind: "settle", question: question.id })}
          >
            {taken ? words.teams.leaveMissed : words.game.leaveIt}
          </button>
        )}
        <button
          type="submit"
          className="btn btn-primary"
          disabled={busy || onwards(showing, given, aloud) === undefined}
        >
          {buttonWords(showing, question, onwards(showing, given, aloud))}
        </button>
      </div>
    </div>
  );
}

function buttonWords(showing: Showing, question: Asked, move?: ActionUnion): string {
  const { score, stage, feedback, terms, wording, scene } = showing;
  if (question.kind === "unfinished") return words.live.passOver;
  if (stage === "question") {
    return move?.kind === "continue" ? words.game.goOn : (wording?.answer ?? words.game.answer);
  }
  const next = wording?.next ?? words.game.next;
  if (feedback && !feedback.settled) {
    return terms.later || takerOf(showing) ? next : words.game.tryAgain;
  }
  if (scene?.kind === "climb") return next;
  const settled = score.right + score.partly + score.wrong + score.missed + score.given;
  return settled === score.asked ? words.game.toEnd : next;
}

/** The stage's heading; where the stage owns the page, it takes the focus at each turn. */
export function Heading(props: {
  children: Words;
  turn: string;
  /** What of the sheet it shows. */
  about: string;
  takesFocus?: boolean;
  /** Where something else is what the eye should meet first. */
  lesser?: boolean;
}) {
  const { children, turn, about, takesFocus, lesser } = props;
  const ref = useRef<HTMLHeadingElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the focus moves with each turn
  useEffect(() => {
    if (takesFocus) ref.current?.focus({ preventScroll: true });
  }, [takesFocus, turn]);
  return (
    <h2
      ref={ref}
      tabIndex={-1}
      data-read
      className="stage-question outline-none"
      data-long={lesser || plainOf(children).length > 110}
      data-about={about}
    >
      <Rich words={children} />
    </h2>
  );
}
