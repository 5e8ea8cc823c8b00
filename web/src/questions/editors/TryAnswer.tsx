import { useState } from "react";
import { judgementOf } from "../../engine/LocalGame";
import type { QuestionUnion } from "../../generated/types";
import { words } from "../../words/en";
import { LINE_FIELD } from "./rows";

/** A box to type into what a learner might: it says how that would be judged, and why. */
export function TryAnswer({ question }: { question: QuestionUnion }) {
  const [text, setText] = useState("");
  const judgement = text ? judgementOf(question, text) : undefined;
  return (
    <div className="mx-6 my-1 rounded-[4px] bg-base-200 px-2">
      <label className="flex items-center gap-2">
        <span className="shrink-0 text-sm text-soft">{words.sheet.tryLabel}</span>
        <input
          value={text}
          maxLength={300}
          placeholder={words.sheet.tryPlaceholder}
          className={LINE_FIELD}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <p role="status" className={`pb-2 ${judgement ? "" : "hidden"}`}>
        {judgement && (
          <>
            <span aria-hidden="true" className={judgement.right ? "text-success" : "text-error"}>
              {judgement.right ? "✓ " : "✕ "}
            </span>
            {words.sheet.judged(judgement)}
          </>
        )}
      </p>
    </div>
  );
}
