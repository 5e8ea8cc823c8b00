import { type FormEvent, useId, useState } from "react";
import { Dialog } from "../ui/Dialog";
import { FIELD } from "../ui/field";
import { words } from "../words/en";
import type { EditorStore } from "./editor";
import { replaced } from "./replacing";

/** Finds a text wherever it was written, and puts another in its place: one step of undo. */
export function ReplaceDialog(props: { useEditor: EditorStore; onClose: () => void }) {
  const { useEditor, onClose } = props;
  const activity = useEditor((editor) => editor.activity);
  const [find, setFind] = useState("");
  const [by, setBy] = useState("");
  const [caseMatters, setCaseMatters] = useState(false);
  const [done, setDone] = useState<number>();
  const ids = useId();
  const wanted = { find, caseMatters };
  const { count } = replaced(activity, wanted, by);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (count === 0) return;
    useEditor.getState().edit((a) => replaced(a, wanted, by).activity);
    setDone(count);
  };
  const change = (set: (text: string) => void) => (event: { target: { value: string } }) => {
    set(event.target.value);
    setDone(undefined);
  };
  return (
    <Dialog title={words.replace.title} onClose={onClose}>
      <form onSubmit={submit} className="grid gap-3">
        <div>
          <label htmlFor={`${ids}-find`}>{words.replace.find}</label>
          <input
            id={`${ids}-find`}
            data-first
            value={find}
            maxLength={300}
            onChange={change(setFind)}
            className={`${FIELD} h-12 text-lg`}
          />
        </div>
        <div>
          <label htmlFor={`${ids}-by`}>{words.replace.by}</label>
          <input
            id={`${ids}-by`}
            value={by}
            maxLength={300}
            onChange={change(setBy)}
            className={`${FIELD} h-12 text-lg`}
          />
        </div>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox border-edge"
            checked={caseMatters}
            onChange={(event) => {
              setCaseMatters(event.target.checked);
              setDone(undefined);
            }}
          />
          {words.replace.caseMatters}
        </label>
        <p role="status" className="min-h-6 text-soft">
          {done === undefined ? find && words.replace.found(count) : words.replace.done(done)}
        </p>
        <button
          type="submit"
          className="btn btn-primary justify-self-start"
          disabled={count === 0 || done !== undefined}
        >
          {words.replace.all}
        </button>
      </form>
    </Dialog>
  );
}
