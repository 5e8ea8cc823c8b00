import { useEffect, useRef } from "react";
import type { Told } from "../../generated/types";
import { words } from "../../words/en";

/** What is said to an answer: a sign, a word and the teacher's text. */
export function FeedbackPanel(props: { told: Told; question: string; comesIntoView?: boolean }) {
  const { told, question, comesIntoView } = props;
  const ref = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (comesIntoView) ref.current?.scrollIntoView?.({ block: "nearest" });
  }, [comesIntoView]);
  const right = told.verdict === "right";
  return (
    <div
      ref={ref}
      role="status"
      data-about={`feedback ${question} ${right ? "right" : "wrong"}`}
      className={`rounded-[4px] border-l-8 bg-card p-[0.9em] ${right ? "border-success" : "border-error"}`}
    >
      <p className="text-[length:var(--option)] font-semibold">
        <span aria-hidden="true" className={right ? "text-success" : "text-error"}>
          {right ? "✓ " : "✕ "}
        </span>
        {right ? words.game.right : words.game.wrong}
        {told.points > 0 && (
          <span className="ml-[0.8em] text-[length:var(--small)] font-medium text-soft">
            {words.game.plus(told.points)}
          </span>
        )}
      </p>
      <p className="mt-[0.2em] whitespace-pre-line font-sans">
        {told.text || (right ? words.game.usual.right : words.game.usual.wrong)}
      </p>
    </div>
  );
}
