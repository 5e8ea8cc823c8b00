import { type FormEvent, useState } from "react";
import { handClassOver, useColleagues } from "../api/classes";
import { Dialog } from "../ui/Dialog";
import { FIELD } from "../ui/field";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";

/** Hands a class to a colleague. */
export function HandOverDialog(props: {
  id: string;
  done: (to: string) => void;
  onClose: () => void;
}) {
  const { id, done, onClose } = props;
  const colleagues = useColleagues();
  const [to, setTo] = useState("");
  const [problem, setProblem] = useState<string>();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    handClassOver(id, to)
      .then(() => done(to))
      .catch((error) => setProblem(problemWords(error)));
  };
  return (
    <Dialog title={words.classes.handOver} onClose={onClose}>
      {colleagues.data?.length === 0 ? (
        <p>{words.classes.noColleague}</p>
      ) : (
        <form onSubmit={submit} className="grid gap-4">
          <p>{words.classes.handOverText}</p>
          <label className="grid gap-1">
            {words.classes.handOverTo}
            <select
              data-first
              required
              className={`${FIELD} h-12`}
              value={to}
              onChange={(event) => setTo(event.target.value)}
            >
              <option value="" />
              {colleagues.data?.map((name) => (
                <option key={name}>{name}</option>
              ))}
            </select>
          </label>
          {problem && <p role="alert">{problem}</p>}
          <button type="submit" className="btn btn-primary justify-self-start" disabled={!to}>
            {words.classes.handOverDo}
          </button>
        </form>
      )}
    </Dialog>
  );
}
