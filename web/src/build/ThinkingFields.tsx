import type { TimeLine } from "../generated/types";
import { FIELD } from "../ui/field";
import { words } from "../words/en";
import type { EditorStore } from "./editor";

const MOST_SECONDS = 600;

/** How long the class thinks over each kind of question: what the time line reckons with. */
export function ThinkingFields(props: { useEditor: EditorStore; time?: TimeLine | null }) {
  const { useEditor, time } = props;
  const questions = useEditor((editor) => editor.activity.game.questions);
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
        .filter(({ kind }) => questions.some((question) => question.kind === kind))
        .map(({ kind, seconds, usual }) => (
          <label key={kind}>
            {words.sheet.kinds[kind] ?? kind}
            <span className="text-soft"> · {words.details.usualSeconds(usual)}</span>
            <input
              type="number"
              min={0}
              max={MOST_SECONDS}
              className={FIELD}
              value={seconds}
              onChange={(event) => {
                const next = Math.round(event.target.valueAsNumber);
                if (next >= 0 && next <= MOST_SECONDS) change(kind, next, usual);
              }}
            />
          </label>
        ))}
    </fieldset>
  );
}
