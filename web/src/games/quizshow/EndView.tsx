import { useState } from "react";
import type { Answered, Closing } from "../../generated/types";
import { Rosette } from "../../ui/Rosette";
import { words } from "../../words/en";
import type { StageProps } from "../stage";
import { choiceWords } from "./Options";
import { Heading } from "./Stage";

/** The win with its rosette, or the loss with what was right; and play again. */
export function EndView(props: StageProps & { ending: Closing }) {
  const { ending, showing, again, busy, takesFocus, note } = props;
  const { outcome } = ending;
  const [looking, setLooking] = useState(false);
  return (
    <div className="flex flex-1 flex-col items-center justify-center gap-[calc(var(--gap)*1.2)] text-center">
      {outcome.won && !looking && (
        <Rosette points={outcome.points} label={words.game.pointsUnit(outcome.points)} />
      )}
      <Heading takesFocus={takesFocus} turn="end" about="details">
        {outcome.won ? words.game.won : words.game.lost(showing.score)}
      </Heading>
      <p className="max-w-[34em] whitespace-pre-line font-sans" data-about="details">
        {outcome.won
          ? words.game.rightOf(showing.score)
          : words.game.needed(outcome.points, outcome.needed)}
        {ending.text && ` ${outcome.won ? "— " : ""}${ending.text}`}
      </p>
      {looking && <Answers answers={ending.answers} />}
      <div className="flex flex-wrap justify-center gap-[var(--gap)]">
        <button type="button" className="btn btn-accent" onClick={again} disabled={busy}>
          {words.game.again}
        </button>
        <button
          type="button"
          className="btn btn-outline"
          aria-expanded={looking}
          onClick={() => setLooking(!looking)}
        >
          {looking ? words.game.hideAnswers : words.game.answers}
        </button>
      </div>
      {note && <p role="status">{note}</p>}
    </div>
  );
}

function Answers({ answers }: { answers: Answered[] }) {
  return (
    <ol className="grid w-full gap-[var(--gap)] text-left font-sans">
      {answers.map(({ question, told }) => {
        const right = told.verdict === "right";
        const picked = told.response?.option;
        return (
          <li
            key={question.id}
            data-about={`question ${question.id}`}
            className={`rounded-[4px] border-l-8 bg-card p-[0.7em] ${right ? "border-success" : "border-error"}`}
          >
            <p className="font-display font-medium">
              {question.number}. {question.text}
            </p>
            <p>
              <span className="font-semibold text-success">✓ {words.game.rightMark}: </span>
              {told.right.map((option) => choiceWords(question, option)).join(", ")}
            </p>
            {!right && picked !== undefined && (
              <p>
                <span className="font-semibold text-error">✕ {words.game.picked}: </span>
                {choiceWords(question, picked)}
              </p>
            )}
          </li>
        );
      })}
    </ol>
  );
}
