import { type FormEvent, useState } from "react";
import { copyGiven, useClasses } from "../api/classes";
import { Dialog } from "../ui/Dialog";
import { FIELD } from "../ui/field";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";

/** Gives the same, on the same terms, to another class. */
export function CopyDialog(props: {
  assignment: string;
  besides: string;
  copied: (name: string) => void;
  onClose: () => void;
}) {
  const { assignment, besides, copied, onClose } = props;
  const classes = useClasses();
  const [to, setTo] = useState("");
  const [problem, setProblem] = useState<string>();
  const others = classes.data?.filter(({ id, putAwayAt }) => id !== besides && !putAwayAt) ?? [];
  const submit = (event: FormEvent) => {
    event.preventDefault();
    copyGiven(assignment, to)
      .then(() => {
        copied(others.find(({ id }) => id === to)?.name ?? "");
        onClose();
      })
      .catch((error) => setProblem(problemWords(error)));
  };
  return (
    <Dialog title={words.classes.glance.copy} onClose={onClose}>
      <form onSubmit={submit} className="grid gap-4">
        <label className="grid gap-1">
          {words.classes.giving.which}
          <select
            data-first
            required
            className={`${FIELD} h-12`}
            value={to}
            onChange={(event) => setTo(event.target.value)}
          >
            <option value="" />
            {others.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        {problem && <p role="alert">{problem}</p>}
        <button type="submit" className="btn btn-primary justify-self-start" disabled={!to}>
          {words.classes.giving.give}
        </button>
      </form>
    </Dialog>
  );
}
