import { useState } from "react";
import { copyGiven, useClasses } from "../api/classes";
import { words } from "../words/en";
import { ClassChoice } from "./ClassChoice";
import { FormDialog } from "./FormDialog";

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
  const send = () =>
    copyGiven(assignment, to ?? "").then(() =>
      copied(classes.data?.find(({ id }) => id === to)?.name ?? ""),
    );
  return (
    <FormDialog
      title={words.classes.glance.copy}
      submit={words.classes.giving.give}
      unready={!to}
      send={send}
      onClose={onClose}
    >
      <ClassChoice value={to} change={setTo} besides={besides} />
    </FormDialog>
  );
}
