import { useState } from "react";
import { mergeLearner } from "../api/classes";
import type { LearnerLine } from "../generated/types";
import { FIELD } from "../ui/field";
import { words } from "../words/en";
import { FormDialog } from "./FormDialog";

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
  const send = () =>
    mergeLearner(id, learner.id, into).then(() =>
      merged(others.find((other) => other.id === into)?.name ?? ""),
    );
  return (
    <FormDialog
      title={words.classes.learner.mergeTitle(learner.name)}
      submit={words.classes.learner.mergeDo}
      unready={!into}
      send={send}
      onClose={onClose}
    >
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
    </FormDialog>
  );
}
