import { useState } from "react";
import { handClassOver, useColleagues } from "../api/classes";
import { Dialog } from "../ui/Dialog";
import { FIELD } from "../ui/field";
import { words } from "../words/en";
import { FormDialog } from "./FormDialog";

/** Hands a class to a colleague. */
export function HandOverDialog(props: {
  id: string;
  done: (to: string) => void;
  onClose: () => void;
}) {
  const { id, done, onClose } = props;
  const colleagues = useColleagues();
  const [to, setTo] = useState("");
  const send = () => handClassOver(id, to).then(() => done(to));
  if (colleagues.data?.length === 0) {
    return (
      <Dialog title={words.classes.handOver} onClose={onClose}>
        <p>{words.classes.noColleague}</p>
      </Dialog>
    );
  }
  return (
    <FormDialog
      title={words.classes.handOver}
      submit={words.classes.handOverDo}
      unready={!to}
      send={send}
      onClose={onClose}
    >
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
    </FormDialog>
  );
}
