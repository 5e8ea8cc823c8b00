import { isOwnWords } from "../../stage/stage";
import { words } from "../../words/learner";
import { type AnswerProps, isClosed } from "./answerProps";

const LONGEST = 5_000;

/** A line to type into, or a page where more is asked for. */
export function TypedField(props: AnswerProps) {
  const { question, showing, given, give } = props;
  const said = showing.feedback?.response ?? given;
  const text = said?.kind === "typed" ? said.text : "";
  const long = isOwnWords(question);
  const label = long
    ? words.game.write
    : question.kind === "number"
      ? question.lowest
        ? words.game.typeLowest
        : words.game.typeNumber
      : words.game.type;
  const shared = {
    id: `answer-${question.id}`,
    value: text,
    maxLength: LONGEST,
    readOnly: isClosed(props),
    "data-about": `question ${question.id}`,
    onChange: (event: { target: { value: string } }) =>
      give({ kind: "typed", text: event.target.value }),
    className:
      "w-full min-w-0 rounded-[14px] border-[3px] border-edge bg-card px-[0.7em] py-[0.45em] text-[length:var(--option)] font-medium shadow-lift",
  };
  if (long && showing.feedback) {
    return (
      <p className="rounded-[4px] border border-line p-[0.6em] font-sans whitespace-pre-line [overflow-wrap:anywhere]">
        <span className="sr-only">{words.game.yours} </span>
        {text}
      </p>
    );
  }
  return (
    <div className={`flex flex-col gap-[0.3em] ${long ? "flex-1" : ""}`}>
      <label htmlFor={shared.id} className="text-soft">
        {label}
      </label>
      {long ? (
        <textarea {...shared} rows={4} className={`${shared.className} flex-1`} />
      ) : (
        <div className="flex items-center gap-[0.5em]">
          <input
            {...shared}
            autoComplete="off"
            autoCapitalize="none"
            spellCheck={false}
            inputMode={question.kind === "number" ? "text" : undefined}
          />
          {question.unit && <span className="text-[length:var(--option)]">{question.unit}</span>}
        </div>
      )}
    </div>
  );
}
