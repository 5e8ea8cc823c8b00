import { ChevronDown, ChevronUp } from "lucide-react";
import { useState } from "react";
import type { Finding, Readiness } from "../generated/types";
import { words } from "../words/en";
import type { EditorStore } from "./editor";

/** What can be said of the activity before class; a finding leads to its place. */
export function ReadinessStrip(props: {
  readiness: Readiness;
  useEditor: EditorStore;
  show: () => void;
}) {
  const { readiness, useEditor, show } = props;
  const [looking, setLooking] = useState(false);
  const { findings, winnable, passMark } = readiness;
  const good = winnable === "always";
  const open = looking && findings.length > 0;
  return (
    <section aria-label={words.readiness.label} className="border-t border-line bg-card">
      {open && (
        <ul className="max-h-[40vh] overflow-y-auto border-b border-line px-4 py-2">
          {findings.map((finding) => (
            <FindingRow
              key={`${finding.check} ${finding.question} ${finding.option}`}
              finding={finding}
              useEditor={useEditor}
              show={show}
            />
          ))}
        </ul>
      )}
      <div className="flex flex-wrap items-center gap-x-7 gap-y-1 px-4 py-1.5">
        <p className="font-medium">
          <span aria-hidden="true" className={good ? "text-success" : "text-error"}>
            {good ? "✓ " : "△ "}
          </span>
          {words.readiness.winnable[winnable]}
        </p>
        {readiness.askable > 0 && <p>{words.readiness.passes(passMark)}</p>}
        {findings.length === 0 ? (
          <p className="ml-auto flex min-h-11 items-center text-soft">{words.readiness.nothing}</p>
        ) : (
          <button
            type="button"
            aria-expanded={open}
            className="btn btn-accent ml-auto"
            onClick={() => setLooking(!looking)}
          >
            {words.readiness.things(findings.length)}
            {open ? (
              <ChevronDown size={18} aria-hidden="true" />
            ) : (
              <ChevronUp size={18} aria-hidden="true" />
            )}
          </button>
        )}
      </div>
    </section>
  );
}

function FindingRow(props: { finding: Finding; useEditor: EditorStore; show: () => void }) {
  const { finding, useEditor, show } = props;
  const place = useEditor((editor) =>
    editor.activity.game.questions.findIndex((q) => q.id === finding.question),
  );
  const stop = finding.weight === "stop";
  const text = (
    <>
      <span className={`font-semibold ${stop ? "text-error" : ""}`}>
        <span aria-hidden="true">{stop ? "△ " : "○ "}</span>
        {place >= 0 ? words.readiness.place(place + 1) : words.readiness.whole}
        <span className="sr-only"> ({words.readiness.weights[finding.weight]})</span>
      </span>{" "}
      {words.readiness.finding(finding)}
    </>
  );
  if (place < 0) return <li className="px-2 py-2.5">{text}</li>;
  return (
    <li>
      <button
        type="button"
        className="min-h-11 w-full cursor-pointer rounded-[4px] px-2 py-1.5 text-left hover:bg-base-200"
        onClick={() => {
          show();
          useEditor.getState().unfold(finding.question);
        }}
      >
        {text}
      </button>
    </li>
  );
}
