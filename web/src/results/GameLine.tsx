import { ChevronRight } from "lucide-react";
import { useState } from "react";
import { hideContribution } from "../api/results";
import type { PlayedGame, Reviewed } from "../generated/types";
import { LookBack } from "../questions/answers/LookBack";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";
import { whenWords } from "../words/format";
import { MarkForm } from "./MarkForm";

/** One game on one line; it unfolds to all that was answered. */
export function GameLine(props: { game: PlayedGame; changed: (game: PlayedGame) => void }) {
  const { game } = props;
  const { review } = game;
  const { score, passMark, started, last } = review;
  const [open, setOpen] = useState(false);
  return (
    <details
      open={open}
      onToggle={(event) => setOpen(event.currentTarget.open)}
      className="rounded-[14px] border border-line bg-card"
    >
      <summary className="grid cursor-pointer gap-x-5 gap-y-0.5 rounded-[14px] px-5 py-3 hover:bg-base-200 md:grid-cols-[minmax(12rem,1.3fr)_1fr_1fr_minmax(9rem,1fr)] md:items-center">
        <span className="flex items-center gap-3 font-display font-semibold">
          <ChevronRight
            size={18}
            aria-hidden="true"
            className={`shrink-0 text-soft ${open ? "rotate-90" : ""}`}
          />
          {words.results.learner(game.learner)}
          {game.time !== undefined && (
            <span className="font-sans text-sm font-normal text-soft">
              {words.results.time(game.time)}
            </span>
          )}
        </span>
        <span className="text-soft">
          {started !== undefined && whenWords(new Date(started))}
          {started !== undefined && last !== undefined && last > started && (
            <span className="max-md:before:content-['_·_'] md:block">
              {words.results.took(last - started)}
            </span>
          )}
        </span>
        <span>
          {words.game.rightOf(score)}
          <span className="text-soft max-md:before:content-['_·_'] md:block">
            {words.results.points(score.points, passMark.possible)}
          </span>
        </span>
        <OutcomeWord game={game} />
      </summary>
      {open && <Answers {...props} />}
    </details>
  );
}

function OutcomeWord({ game }: { game: PlayedGame }) {
  const { outcome, answers } = game.review;
  const waiting = answers.filter(waits).length;
  return (
    <span>
      {outcome ? (
        <span className={outcome.won ? "font-semibold text-success" : "font-semibold"}>
          {outcome.won && <span aria-hidden="true">✓ </span>}
          {words.results.outcome(outcome)}
        </span>
      ) : (
        <span className="text-soft">{words.results.notEnded}</span>
      )}
      {waiting > 0 && (
        <span className="mt-0.5 block w-fit rounded-[4px] bg-accent px-2 font-semibold text-accent-content">
          {words.results.toMark(waiting)}
        </span>
      )}
    </span>
  );
}

const waits = (answer: Reviewed) =>
  answer.marking === "by-teacher" && answer.told.verdict === "given";

function Answers(props: { game: PlayedGame; changed: (game: PlayedGame) => void }) {
  const { game, changed } = props;
  const { answers, score } = game.review;
  const left = score.asked - answers.length;
  return (
    <div className="border-t border-line p-4">
      <ol className="grid gap-3">
        {answers.map((answer) => (
          <LookBack key={answer.question.id} question={answer.question} told={answer.told}>
            <Facts answer={answer} />
            {answer.marking === "by-teacher" && (
              <Marking game={game} answer={answer} changed={changed} />
            )}
            {answer.question.kind === "discussion" && answer.told.response && (
              <Hiding game={game} question={answer.question.id} changed={changed} />
            )}
          </LookBack>
        ))}
      </ol>
      {left > 0 && <p className="mt-3 text-soft">{words.results.notReached(left)}</p>}
    </div>
  );
}

function Facts({ answer }: { answer: Reviewed }) {
  const { tries, hints, told, question } = answer;
  const facts = [
    answer.marking === "none" ? "" : words.results.points(told.points, question.worth),
    tries > 1 ? words.results.tries(tries) : "",
    hints > 0 ? words.results.hints(hints) : "",
  ].filter(Boolean);
  return <p className="text-sm text-soft">{facts.join(" · ")}</p>;
}

function Marking(props: {
  game: PlayedGame;
  answer: Reviewed;
  changed: (game: PlayedGame) => void;
}) {
  const { game, answer, changed } = props;
  const [marking, setMarking] = useState(waits(answer));
  return (
    <div className="mt-1 grid gap-2">
      {answer.model && (
        <p className="text-soft">
          {words.results.model} {answer.model}
        </p>
      )}
      {marking && answer.told.response ? (
        <MarkForm
          sitting={game.sitting}
          who={words.results.learner(game.learner)}
          answer={answer}
          done={(after) => {
            setMarking(false);
            changed(after);
          }}
        />
      ) : (
        answer.told.response && (
          <button
            type="button"
            className="btn btn-outline justify-self-start"
            onClick={() => setMarking(true)}
          >
            {words.results.marking.change}
          </button>
        )
      )}
    </div>
  );
}

function Hiding(props: {
  game: PlayedGame;
  question: string;
  changed: (game: PlayedGame) => void;
}) {
  const { game, question, changed } = props;
  const [problem, setProblem] = useState<string>();
  const hidden = game.hidden.includes(question);
  const turn = () =>
    hideContribution(game.sitting, question, !hidden)
      .then(changed)
      .catch((error) => setProblem(problemWords(error)));
  return (
    <p className="mt-1 flex flex-wrap items-center gap-3">
      <span className="text-soft">{hidden ? words.results.hiddenNote : words.results.shared}</span>
      <button type="button" className="btn btn-outline" onClick={turn}>
        {hidden ? words.results.unhide : words.results.hide}
      </button>
      {problem && <span role="alert">{problem}</span>}
    </p>
  );
}
