import { type FormEvent, useState } from "react";
import type { ClassDetails } from "../generated/types";
import { Dialog } from "../ui/Dialog";
import { FIELD } from "../ui/field";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";

const YEARS = Array.from({ length: 14 }, (_, year) => year);

/** What a class is called, and its year group. */
export function DetailsDialog(props: {
  title: string;
  submit: string;
  details?: ClassDetails;
  send: (details: ClassDetails) => Promise<void>;
  onClose: () => void;
}) {
  const { title, submit, details, send, onClose } = props;
  const [name, setName] = useState(details?.name ?? "");
  const [year, setYear] = useState(details?.year);
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  const submitted = (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    send({ ...details, name, year })
      .then(onClose)
      .catch((error) => {
        setProblem(problemWords(error));
        setBusy(false);
      });
  };
  return (
    <Dialog title={title} onClose={onClose}>
      <form onSubmit={submitted} className="grid gap-4">
        <label className="grid gap-1">
          {words.classes.name}
          <input
            data-first
            required
            maxLength={60}
            value={name}
            onChange={(event) => setName(event.target.value)}
            className={`${FIELD} h-12 text-lg`}
          />
        </label>
        <label className="grid gap-1">
          {words.classes.yearLabel}
          <select
            className={`${FIELD} h-12`}
            value={year ?? ""}
            onChange={(event) =>
              setYear(event.target.value === "" ? undefined : Number(event.target.value))
            }
          >
            <option value="">{words.classes.noYear}</option>
            {YEARS.map((one) => (
              <option key={one} value={one}>
                {words.classes.year(one)}
              </option>
            ))}
          </select>
        </label>
        {problem && <p role="alert">{problem}</p>}
        <button type="submit" className="btn btn-primary justify-self-start" disabled={busy}>
          {submit}
        </button>
      </form>
    </Dialog>
  );
}
