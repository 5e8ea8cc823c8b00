import { type FormEvent, useState } from "react";
import { moveLearner, useClasses } from "../api/classes";
import type { LearnerLine } from "../generated/types";
import { Dialog } from "../ui/Dialog";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";
import { ClassChoice } from "./ClassChoice";

/** Moves a learner to another class of the same teacher. */
export function MoveDialog(props: {
  id: string;
  learner: LearnerLine;
  moved: (to: string) => void;
  onClose: () => void;
}) {
  const { id, learner, moved, onClose } = props;
  const classes = useClasses();
  const [to, setTo] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!to) return;
    moveLearner(id, learner.id, to)
      .then(() => {
        moved(classes.data?.find((one) => one.id === to)?.name ?? "");
        onClose();
      })
      .catch((error) => setProblem(problemWords(error)));
  };
  return (
    <Dialog title={words.classes.moveTitle(learner.name)} onClose={onClose}>
      <form onSubmit={submit} className="grid gap-4">
        <p>{words.classes.moveText}</p>
        <ClassChoice value={to} change={setTo} besides={id} />
        {problem && <p role="alert">{problem}</p>}
        <button type="submit" className="btn btn-primary justify-self-start" disabled={!to}>
          {words.classes.moveDo}
        </button>
      </form>
    </Dialog>
  );
}
