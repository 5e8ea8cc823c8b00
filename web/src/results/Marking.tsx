import { useEffect, useRef, useState } from "react";
import { giveMark, useAlike } from "../api/results";
import type {
  AlikeAnswer,
  AlikeAnswers,
  GameAnswers,
  PlayedGame,
  Reviewed,
} from "../generated/types";
import { problemWords } from "../ui/Notice";
import { Pressed } from "../ui/Pressed";
import { useReturn } from "../ui/useReturn";
import { words } from "../words/en";
import { MarkForm } from "./MarkForm";

const waits = (answer: Reviewed) =>
  answer.marking === "by-teacher" && answer.told.verdict === "given";

/** An answer as it was before its mark was changed. */
interface Earlier {
  sitting: string;
  mark?: number;
  comment?: string;
}

interface Marked {
  who: string;
  points: number;
  /** What undoes it; nothing where an answer had no mark before. */
  earlier: Earlier[];
}

/**
 * The teacher's mark to an answer: hers to give, or in place of what was judged at once; for one
 * learner or for all who gave the same answer.
 */
export function Marking(props: {
  activity: string;
  game: PlayedGame;
  answer: Reviewed;
  changed: (game: GameAnswers) => void;
}) {
  const { activity, game, answer, changed } = props;
  const [changing, setChanging] = useState(false);
  const [marked, setMarked] = useState<Marked>();
  const button = useReturn(changing);
  const done = (after: GameAnswers, what?: Marked) => {
    setChanging(false);
    setMarked(what);
    changed(after);
  };
  const undone = (after: GameAnswers) => {
    done(after);
    button.current?.focus();
  };
  return (
    <div className="mt-1 grid gap-2">
      {answer.model && (
        <p className="text-soft">
          {words.results.model} {answer.model}
        </p>
      )}
      {waits(answer) ? (
        <MarkForm
          who={words.results.learner(game)}
          answer={answer}
          give={(points, comment) => giveMark(game.sitting, answer.question.id, points, comment)}
          done={(after) => done(after)}
        />
      ) : changing ? (
        <Changing
          activity={activity}
          game={game}
          answer={answer}
          done={done}
          leave={() => setChanging(false)}
        />
      ) : (
        <button
          ref={button}
          type="button"
          className={`btn justify-self-start ${answer.marking === "by-teacher" ? "btn-outline" : "btn-ghost -ml-4 text-soft"}`}
          onClick={() => setChanging(true)}
        >
          {words.results.marking.change}
        </button>
      )}
      {marked && !changing && <Given marked={marked} question={answer.question} undone={undone} />}
    </div>
  );
}

/** What was marked, and how to undo it. */
function Given(props: {
  marked: Marked;
  question: Reviewed["question"];
  undone: (after: GameAnswers) => void;
}) {
  const { marked, question, undone } = props;
  const [problem, setProblem] = useState<string>();
  const undo = async () => {
    try {
      let after: GameAnswers | undefined;
      // The game that is looked at comes last: it is what is shown then.
      for (const { sitting, mark = 0, comment } of [...marked.earlier].reverse()) {
        after = await giveMark(sitting, question.id, mark, comment);
      }
      if (after) undone(after);
    } catch (error) {
      setProblem(problemWords(error));
    }
  };
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <p role="status">{words.results.marking.said(marked.who, marked.points, question.worth)}</p>
      {marked.earlier.length > 0 && (
        <button type="button" className="btn btn-ghost" onClick={undo}>
          {words.results.marking.undo}
        </button>
      )}
      {problem && (
        <p role="alert" className="text-error">
          {problem}
        </p>
      )}
    </div>
  );
}

function Changing(props: {
  activity: string;
  game: PlayedGame;
  answer: Reviewed;
  done: (after: GameAnswers, what: Marked) => void;
  leave: () => void;
}) {
  const { activity, game, answer, done, leave } = props;
  const { question } = answer;
  const alike = useAlike(activity, game.sitting, question.id);
  const [alone, setAlone] = useState(false);
  const place = useRef<HTMLDivElement>(null);
  // What was pressed is gone: the focus waits here for the field.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the field comes with what is read
  useEffect(() => {
    const field = place.current?.querySelector<HTMLInputElement>("[data-points]");
    (field ?? place.current)?.focus();
    field?.select();
  }, [alike.isPending]);
  const { answers: others, running }: AlikeAnswers = alike.data ?? { answers: [], running: 0 };
  const name = words.results.learner(game);
  const all = others.length > 0 && !alone;
  const names = [name, ...others.map((other) => words.results.learner(other))];
  const who = words.results.marking.several(all ? names : [name]);
  const said = words.results.marking;
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: a key leaves what is inside
    <div
      ref={place}
      tabIndex={-1}
      className="grid gap-2"
      onKeyDown={(event) => {
        if (event.key !== "Escape") return;
        event.stopPropagation();
        event.preventDefault();
        leave();
      }}
    >
      {alike.isPending ? (
        <p role="status">{words.loading}</p>
      ) : (
        <>
          {others.length > 0 && (
            <Pressed
              label={said.forWhom}
              options={[
                { key: "all", text: said.forAll(others.length + 1) },
                { key: "one", text: said.forOne(name) },
              ]}
              value={alone ? "one" : "all"}
              choose={(key) => setAlone(key === "one")}
            />
          )}
          {all && (
            <p className="text-sm text-soft [overflow-wrap:anywhere]">{said.several(names)}</p>
          )}
          <MarkForm
            who={who}
            answer={answer}
            label={all ? said.giveAll(others.length + 1) : undefined}
            give={(points, comment) => giveMark(game.sitting, question.id, points, comment, all)}
            done={(after, points) =>
              done(after, { who, points, earlier: earlier(game, answer, all ? others : []) })
            }
          />
          <p className="text-sm text-soft empty:hidden">
            {[answer.marking === "at-once" && said.stays, running > 0 && said.running(running)]
              .filter(Boolean)
              .join(" ")}
          </p>
          {alike.isError && <p className="text-sm">{said.alikeUnread}</p>}
        </>
      )}
      <button type="button" className="btn btn-ghost -ml-4 justify-self-start" onClick={leave}>
        {words.cancel}
      </button>
    </div>
  );
}

/** All as they were, the game itself first; nothing where one of them had no mark. */
function earlier(game: PlayedGame, answer: Reviewed, others: AlikeAnswer[]): Earlier[] {
  const own = { sitting: game.sitting, mark: answer.mark, comment: answer.told.comment };
  const all = [own, ...others];
  return all.every(({ mark }) => mark !== undefined) ? all : [];
}
