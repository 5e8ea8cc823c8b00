import { type FormEvent, useId, useRef, useState } from "react";
import type { Reviewed } from "../generated/types";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";
import { commentsBefore, keepComment } from "./comments";

const MOST_COMMENT = 2_000;

/** Points and a comment for an answer: type, Enter, on to the next. */
export function MarkForm<T>(props: {
  who: string;
  answer: Reviewed;
  /** Sends the mark; it is for several answers where they say the same. */
  give: (points: number, comment?: string) => Promise<T>;
  done: (given: T, points: number) => void;
  /** What the button says. */
  label?: string;
}) {
  const { who, answer, done, label } = props;
  const { question, told } = answer;
  const [points, setPoints] = useState(answer.mark === undefined ? "" : String(answer.mark));
  const [comment, setComment] = useState(told.comment ?? "");
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  const note = useId();
  const field = useRef<HTMLInputElement>(null);
  const give = async (event: FormEvent) => {
    event.preventDefault();
    const typed = /^\s*\d+\s*$/.test(points) ? Number(points) : Number.NaN;
    if (!(typed <= question.worth)) {
      setProblem(words.results.marking.range(question.worth));
      field.current?.focus();
      return;
    }
    setBusy(true);
    setProblem(undefined);
    try {
      const said = comment.trim() || undefined;
      const given = await props.give(typed, said);
      if (said) keepComment(said);
      done(given, typed);
    } catch (error) {
      setProblem(problemWords(error));
    } finally {
      setBusy(false);
    }
  };
  const shares = [
    { name: words.results.marking.none, points: 0 },
    { name: words.results.marking.half, points: Math.round(question.worth / 2) },
    { name: words.results.marking.all, points: question.worth },
  ];
  return (
    <form onSubmit={give} className="flex flex-wrap items-center gap-x-3 gap-y-2">
      <label className="flex items-center gap-2">
        <span className="sr-only">{words.results.marking.points(who)}</span>
        <input
          ref={field}
          data-points
          inputMode="numeric"
          autoComplete="off"
          value={points}
          maxLength={6}
          aria-invalid={problem !== undefined}
          aria-describedby={problem && note}
          onChange={(event) => setPoints(event.target.value)}
          className="h-11 w-16 rounded-[14px] border border-edge bg-card px-3 text-center text-lg font-semibold"
        />
        {words.results.marking.of(question.worth)}
      </label>
      <span className="join">
        {shares.map((share) => (
          <button
            key={share.name}
            type="button"
            className="btn btn-outline join-item px-3"
            aria-pressed={points === String(share.points)}
            onClick={() => setPoints(String(share.points))}
          >
            {share.name}
          </button>
        ))}
      </span>
      <input
        aria-label={words.results.marking.comment(who)}
        placeholder={words.results.marking.commentPlaceholder}
        value={comment}
        maxLength={MOST_COMMENT}
        list={`${note}-before`}
        onChange={(event) => setComment(event.target.value)}
        className="h-11 min-w-48 flex-1 rounded-[14px] border border-edge bg-card px-3 placeholder:text-soft"
      />
      <datalist id={`${note}-before`}>
        {commentsBefore().map((one) => (
          <option key={one} value={one} />
        ))}
      </datalist>
      <button type="submit" className="btn btn-primary" disabled={busy}>
        {label ?? words.results.marking.give}
      </button>
      {problem && (
        <p id={note} role="alert" className="basis-full text-error">
          {problem}
        </p>
      )}
    </form>
  );
}
