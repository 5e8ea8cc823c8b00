import { type FormEvent, useState } from "react";
import { copyGiven, useClasses } from "../api/classes";
import { Dialog } from "../ui/Dialog";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";
import { ClassChoice } from "./ClassChoice";

/** Gives the same, on the same terms, to another class. */
export function CopyDialog(props: {
  assignment: string;
  besides: string;
  copied: (name: string) => void;
  onClose: () => void;
}) {
  const { assignment, besides, copied, onClose } = props;
  const classes = useClasses();
  const [to, setTo] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!to) return;
    copyGiven(assignment, to)
      .then(() => {
        copied(classes.data?.find(({ id }) => id === to)?.name ?? "");
        onClose();
      })
      .catch((error) => setProblem(problemWords(error)));
  };
  return (
    <Dialog title={words.classes.glance.copy} onClose={onClose}>
      <form onSubmit={submit} className="grid gap-4">
        <ClassChoice value={to} change={setTo} besides={besides} />
        {problem && <p role="alert">{problem}</p>}
        <button type="submit" className="btn btn-primary justify-self-start" disabled={!to}>
          {words.classes.giving.give}
        </button>
      </form>
    </Dialog>
  );
}
