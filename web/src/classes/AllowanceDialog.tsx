import { useState } from "react";
import { allow, reopenGame } from "../api/classes";
import { NumberChip } from "../build/chips";
import type { Given, GlanceLine, LocalAllowance } from "../generated/types";
import { FIELD } from "../ui/field";
import { words } from "../words/en";
import { FormDialog } from "./FormDialog";

const MOST_GOES = 20;

/** What is settled otherwise for one learner: days of her own, more goes, excused. */
export function AllowanceDialog(props: {
  given: Given;
  line: GlanceLine;
  saved: () => void;
  onClose: () => void;
}) {
  const { given, line, saved, onClose } = props;
  const [own, setOwn] = useState<LocalAllowance>(
    given.own.find(({ learner }) => learner === line.learner)?.allowance ?? {
      moreGoes: 0,
      excused: false,
    },
  );
  const [goesOn, setGoesOn] = useState(false);
  const send = async () => {
    await allow(given.id, line.learner, own);
    if (goesOn) await reopenGame(given.id, line.learner);
    saved();
  };
  const said = words.classes.glance;
  return (
    <FormDialog title={said.ownTitle(line.name)} submit={said.save} send={send} onClose={onClose}>
      <label className="grid gap-1">
        {said.ownOpens}
        <input
          type="datetime-local"
          data-first
          className={`${FIELD} h-12`}
          value={own.opens?.slice(0, 16) ?? ""}
          onChange={(event) => setOwn({ ...own, opens: event.target.value || undefined })}
        />
      </label>
      <label className="grid gap-1">
        {said.ownCloses}
        <input
          type="datetime-local"
          className={`${FIELD} h-12`}
          value={own.closes?.slice(0, 16) ?? ""}
          onChange={(event) => setOwn({ ...own, closes: event.target.value || undefined })}
        />
      </label>
      <p className="text-soft">{said.ownAsAll}</p>
      {given.terms.goes !== undefined && (
        <p className="leading-[2.6rem]">
          {said.moreGoes}:{" "}
          <NumberChip
            label={said.moreGoes}
            value={own.moreGoes}
            most={MOST_GOES}
            change={(moreGoes) => setOwn({ ...own, moreGoes })}
          />
        </p>
      )}
      {line.cutOff && (
        <label className="flex min-h-11 items-center gap-3">
          <input
            type="checkbox"
            className="checkbox"
            checked={goesOn}
            onChange={(event) => setGoesOn(event.target.checked)}
          />
          {said.goesOn}
        </label>
      )}
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="checkbox"
          checked={own.excused}
          onChange={(event) => setOwn({ ...own, excused: event.target.checked })}
        />
        {said.excused}
      </label>
    </FormDialog>
  );
}
