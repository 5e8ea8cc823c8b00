import { type ClipboardEvent, useState } from "react";
import type { Listed } from "../generated/types";
import { ListDialog, type ListOf } from "./ListDialog";
import { isList } from "./lines";

/** A list that is pasted into a line is read first, and taken in once it is seen how. */
export function usePastedList(props: {
  of: ListOf;
  most: number;
  /** What was read, and the place of the line into which it was pasted. */
  takeIn: (read: Listed[], place: number) => void;
}) {
  const { of, most, takeIn } = props;
  const [taking, setTaking] = useState<{ text: string; place: number }>();
  const paste = (event: ClipboardEvent, place: number) => {
    const text = event.clipboardData.getData("text");
    if (!isList(text)) return;
    event.preventDefault();
    setTaking({ text, place });
  };
  const dialog = taking && (
    <ListDialog
      text={taking.text}
      of={of}
      most={most}
      takeIn={(read) => takeIn(read, taking.place)}
      onClose={() => setTaking(undefined)}
    />
  );
  return { paste, dialog };
}
