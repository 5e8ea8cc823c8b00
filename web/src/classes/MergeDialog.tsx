import { type FormEvent, useState } from "react";
import { mergeLearner } from "../api/classes";
import type { LearnerLine } from "../generated/types";
import { Dialog } from "../ui/Dialog";
import { FIELD } from "../ui/field";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";

/** Makes one entry of two that are the same child. */
export function MergeDialog(props: {
  id: string;
  learner: LearnerLine;
  others: LearnerLine[];
  merged: (name: string) => void;
  onClose: () => void;
}) {
  const { id, learner, others, merged, onClose } = props;
  const [into, setInto] = useState("");
  const [problem, setProblem] = useState<string>();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    mergeLearner(id, learner.id, into)
      .then(() => {
        merged(others.find((other) => other.id === into)?.name ?? "");
        onClose();
      })
      .catch((error) => setProblem(problemWords(error)));
  };
  return (
    <Dialog title={words.classes.learner.mergeTitle(learner.name)} onClose={onClose}>
      <form onSubmit={submit} className="grid gap-4">
        <p>{words.classes.learner.mergeText}</p>
        <label className="grid gap-1">
          {words.classes.learner.mergeInto}
          <select
            data-first
            required
            className={`${FIELD} h-12`}
            value={into}
            onChange={(event) => setInto(event.target.value)}
          >
            <option value="" />
            {others.map((other) => (
              <option key={other.id} value={other.id}>
                {other.name}
              </option>
            ))}
          </select>
        </label>
        {problem && <p role="alert">{problem}</p>}
        <button type="submit" className="btn btn-primary justify-self-start" disabled={!into}>
          {words.classes.learner.mergeDo}
        </button>
      </form>
    </Dialog>
  );
}
