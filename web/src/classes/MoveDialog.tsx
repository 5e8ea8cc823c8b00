import { useState } from "react";
import { moveLearner, useClasses } from "../api/classes";
import type { LearnerLine } from "../generated/types";
import { words } from "../words/en";
import { ClassChoice } from "./ClassChoice";
import { FormDialog } from "./FormDialog";

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
  const send = () =>
    moveLearner(id, learner.id, to ?? "").then(() =>
      moved(classes.data?.find((one) => one.id === to)?.name ?? ""),
    );
  return (
    <FormDialog
      title={words.classes.moveTitle(learner.name)}
      submit={words.classes.moveDo}
      unready={!to}
      send={send}
      onClose={onClose}
    >
      <p>{words.classes.moveText}</p>
      <ClassChoice value={to} change={setTo} besides={id} />
    </FormDialog>
  );
}
