import { partsOf } from "../games";
import { limits } from "../generated/limits";
import type { TimeLine } from "../generated/types";
import { questionsOf } from "../questions/questionsOf";
import { FIELD } from "../ui/field";
import { useWholeNumber } from "../ui/useWholeNumber";
import { words } from "../words/en";
import type { EditorStore } from "./editor";

/** How long the class thinks over each kind of question: what the time line reckons with. */
export function ThinkingFields(props: { useEditor: EditorStore; time?: TimeLine | null }) {
  const { useEditor, time } = props;
  const questions = useEditor((editor) => questionsOf(editor.activity));
  const game = useEditor((editor) => editor.activity.game.kind);
  const thinking = partsOf(game)?.thinking ?? {};
  if (!time) return <p className="text-soft sm:col-span-2">{words.details.noThinking}</p>;
  const change = (kind: string, seconds: number, usual: number) =>
    useEditor.getState().edit((a) => {
      const others = a.rules.thinking.filter((t) => t.kind !== kind);
      const own = seconds === usual ? [] : [{ kind, seconds }];
      return { ...a, rules: { ...a.rules, thinking: [...others, ...own] } };
    }, `thinking ${kind}`);
  return (
    <fieldset className="grid gap-4 sm:col-span-2 sm:grid-cols-2">
      <legend className="mb-1">{words.details.thinking}</legend>
      {time.thinking
        .filter(({ kind }) => thinking[kind] || questions.some((q) => q.kind === kind))
        .map(({ kind, seconds, usual }) => (
          <SecondsField
            key={kind}
            label={thinking[kind] ?? words.sheet.kinds[kind] ?? kind}
            usual={usual}
            seconds={seconds}
            change={(next) => change(kind, next, usual)}
          />
        ))}
    </fieldset>
  );
}

function SecondsField(props: {
  label: string;
  usual: number;
  seconds: number;
  change: (seconds: number) => void;
}) {
  const range = limits.Thinking.seconds;
  const { field, note } = useWholeNumber(props.seconds, range, props.change);
  return (
    <label>
      {props.label}
      <span className="text-soft"> · {words.details.usualSeconds(props.usual)}</span>
      <input {...field} className={FIELD} />
      {note && (
        <span role="alert" className="block text-sm">
          {note}
        </span>
      )}
    </label>
  );
}
