import type { Asked, Talked } from "../../generated/types";
import { Rich } from "../../rich/Rich";
import { letter } from "../../stage/stage";
import { words } from "../../words/learner";

/** Why the option that was struck out last is wrong: the teacher's words or picture behind it. */
export function TalkPanel({ question, talk }: { question: Asked; talk: Talked }) {
  const last = talk.struck.at(-1);
  if (!last) return null;
  const place = question.choices.findIndex((choice) => choice.id === last.option);
  return (
    <div role="status" className="min-h-[2.6em]">
      <span className="sr-only">
        {letter(place)} {words.talk.struck}.
      </span>
      {last.why && (
        <div
          className="talk-why rounded-[4px] border-l-8 border-edge bg-card p-[0.7em] font-sans"
          data-read
        >
          <strong>{words.talk.why(letter(place))}</strong> <Rich words={last.why} />
        </div>
      )}
    </div>
  );
}
