import { useState } from "react";
import type { ClassDetails } from "../generated/types";
import { FIELD } from "../ui/field";
import { words } from "../words/en";
import { FormDialog } from "./FormDialog";

const YEARS = Array.from({ length: 14 }, (_, year) => year);

/** What a class is called, and its year group. */
export function DetailsDialog(props: {
  title: string;
  submit: string;
  details?: ClassDetails;
  send: (details: ClassDetails) => Promise<void>;
  onClose: () => void;
}) {
  const { title, submit, details, onClose } = props;
  const [name, setName] = useState(details?.name ?? "");
  const [year, setYear] = useState(details?.year);
  const send = () => props.send({ ...details, name, year });
  return (
    <FormDialog title={title} submit={submit} send={send} onClose={onClose}>
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
    </FormDialog>
  );
}
