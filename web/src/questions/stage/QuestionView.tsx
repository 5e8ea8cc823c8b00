import type { KeyboardEvent, ReactNode } from "react";
import type { ActionUnion, Asked, Showing } from "../../generated/types";
import { MediaRow } from "../../rich/Rich";
import { mediaOf, sentenceOf } from "../../rich/words";
import { Countdown } from "../../stage/Countdown";
import { Flap } from "../../stage/Flap";
import { Heading } from "../../stage/Heading";
import { Points } from "../../stage/Points";
import {
  asItLies,
  isOnlyRead,
  isPicked,
  LETTERS,
  onwards,
  type StageProps,
} from "../../stage/stage";
import { takerOf, waitsForTurn } from "../../stage/teams";
import { words } from "../../words/learner";
import { AnswerField } from "../answers/AnswerField";
import { picking } from "../answers/Options";
import { FeedbackPanel } from "./FeedbackPanel";
import { Hints } from "./Hints";
import { TalkPanel } from "./TalkPanel";

/** What a game says where it counts in another way than by points and places. */
export interface OwnFoot {
  /** How one stands, instead of which question it is. */
  standing: string;
  /** What a hint costs there. */
  hint?: string;
  /** Where one goes from here. */
  next?: string;
  /** What leaves it without an answer, where that is allowed. */
  skip?: string;
  /** How it is answered, where that isn't as its kind says. */
  field?: ReactNode;
}

interface ViewProps extends StageProps {
  read: ReactNode;
  own?: OwnFoot;
  /** Whether answers lie under a folded flap, where whoever has this screen folds it. */
  folds?: boolean;
}

/** A question as it is asked, answered and talked through, in whichever game. */
export function QuestionView(props: ViewProps) {
  const { showing, given, act, busy, takesFocus, note, aloud, others } = props;
  const { question, feedback, talk } = showing;
  if (!question) return null;
  const gaps = question.kind.startsWith("gaps");
  // What is right was given away without an answer: it is told as to one.
  const told = feedback ?? talk?.opened;
  const { flaps } = props;
  const flap =
    props.folds && flaps
      ? { open: flaps.open(question.id), turn: () => flaps.turn(question.id) }
      : undefined;
  const media = mediaOf(question.text);
  const goOn = () => {
    const move = onwards(showing, given, aloud);
    if (move && !busy) act(move);
  };
  const keys = (event: KeyboardEvent<HTMLFormElement>) => {
    const does = keyOf(event, props, question, goOn);
    if (!does) return;
    event.preventDefault();
    does();
  };
  const pictures = media.filter((medium) => medium.kind === "picture");
  return (
    <form
      className="flex flex-1 flex-col gap-[var(--gap)]"
      onSubmit={(event) => {
        event.preventDefault();
        goOn();
      }}
      onKeyDown={aloud ? undefined : keys}
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
          {props.own?.field ?? <AnswerField {...props} question={question} />}
        </div>
      </div>
      {question.kind === "unfinished" && <p className="text-soft">{words.game.unfinished}</p>}
      <Hints hints={question.help.hints} />
      {talk && !told && <TalkPanel question={question} talk={talk} />}
      {told && (
        <FeedbackPanel
          showing={showing}
          told={told}
          question={question}
          comesIntoView={takesFocus}
          flap={told.settled || talk?.opened ? flap : undefined}
        />
      )}
      {flap && !told && showing.stage === "question" && !isOnlyRead(question) && <Flap {...flap} />}
      {others}
      <Foot {...props} question={question} />
      {note && <p role="status">{note}</p>}
    </form>
  );
}

/**
 * What a key does on a learner's device, while the question has the focus: Enter answers and goes on,
 * from a text that is written with Ctrl, and letters are those of the options.
 */
function keyOf(
  event: KeyboardEvent,
  { showing, given, give, busy }: ViewProps,
  question: Asked,
  goOn: () => void,
): (() => void) | undefined {
  const { key, target } = event;
  if (event.altKey || !(target instanceof Element)) return undefined;
  if (key === "Enter" && (event.ctrlKey || event.metaKey)) return goOn;
  if (event.ctrlKey || event.metaKey) return undefined;
  // What has a use of its own for them keeps its keys.
  if (target.closest("textarea, select, input:not([type=radio], [type=checkbox])"))
    return undefined;
  if (key === "Enter") return target.closest("button, a, input, summary") ? undefined : goOn;
  const option = question.choices[LETTERS.indexOf(key.toUpperCase())];
  const open = showing.stage === "question" && !busy && isPicked(question);
  if (key.length !== 1 || !option || !open) return undefined;
  return () => give(picking(question, option.id, given));
}

/** Points, place, lives and clock, and what can be done next. */
function Foot(props: StageProps & { question: Asked; own?: OwnFoot }) {
  const { showing, question, given, act, busy, aloud, own } = props;
  const { score, terms, feedback, teams, wording, talk } = showing;
  const answering = showing.stage === "question" && !talk?.done;
  const again = feedback !== undefined && !feedback.settled && !terms.later;
  const taken = feedback !== undefined && !feedback.settled && takerOf(showing) !== undefined;
  return (
    <div className="stage-foot mt-auto flex flex-wrap items-center justify-between gap-x-6 gap-y-2 border-t border-line pt-[calc(var(--gap)*0.8)]">
      {teams.length === 0 && <Points score={score} />}
      {teams.length > 0 && question.number === 0 && question.kind !== "information" && (
        <p className="text-soft">{words.teams.deciding}</p>
      )}
      {props.pressTeam && waitsForTurn(showing) && (
        <p className="text-soft">{words.teams.giveTurn}</p>
      )}
      {own && <p className="text-soft">{own.standing}</p>}
      {!own && question.number > 0 && (
        <p className="text-soft">{words.game.place(question.number, score.asked)}</p>
      )}
      {terms.lives !== undefined && <p className="text-soft">{words.game.lives(terms.lives)}</p>}
      <Countdown showing={showing} />
      <div className="flex flex-wrap gap-[calc(var(--gap)*0.6)] @max-[599px]/stage:order-first @max-[599px]/stage:w-full @max-[599px]/stage:flex-col-reverse">
        {answering && question.help.more > 0 && (
          <button
            type="button"
            className="btn btn-outline"
            disabled={busy}
            onClick={() => act({ kind: "hint", question: question.id })}
          >
            {own?.hint ??
              (question.help.price > 0
                ? words.game.hintCosts(question.help.price)
                : (wording?.hint ?? words.game.hint))}
          </button>
        )}
        {own?.skip && answering && !isOnlyRead(question) && (
          <button
            type="button"
            className="btn btn-outline"
            disabled={busy}
            onClick={() => act({ kind: "continue", question: question.id })}
          >
            {own.skip}
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
        {answering && given === undefined && asItLies(question) && (
          <button
            type="button"
            className="btn btn-outline"
            disabled={busy}
            onClick={() => props.give(asItLies(question))}
          >
            {words.game.asItLies}
          </button>
        )}
        <button
          type="submit"
          className="btn btn-primary"
          // While a move is on its way it keeps the focus: the next press goes on from there.
          aria-disabled={busy}
          disabled={!busy && onwards(showing, given, aloud) === undefined}
        >
          {buttonWords(showing, question, onwards(showing, given, aloud), own)}
        </button>
      </div>
    </div>
  );
}

function buttonWords(showing: Showing, question: Asked, move?: ActionUnion, own?: OwnFoot): string {
  const { score, stage, feedback, terms, wording } = showing;
  if (question.kind === "unfinished") return words.game.passOver;
  if (stage === "question") {
    return move?.kind === "continue" ? words.game.goOn : (wording?.answer ?? words.game.answer);
  }
  const next = wording?.next ?? words.game.next;
  if (feedback && !feedback.settled) {
    return terms.later || takerOf(showing) ? next : words.game.tryAgain;
  }
  // Where it ends is not a matter of how many were asked.
  if (own) return own.next ?? next;
  const settled = score.right + score.partly + score.wrong + score.missed + score.given;
  return settled === score.asked ? words.game.toEnd : next;
}
