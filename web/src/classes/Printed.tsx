import { Printer } from "lucide-react";
import type { ReactNode } from "react";
import { Dialog } from "../ui/Dialog";
import { words } from "../words/en";
import "./print.css";

/** A sheet of paper: seen first, and printed alone. */
export function Printed(props: {
  title: string;
  note?: string;
  onClose: () => void;
  /** What is said on the button that is done with it; closing alone is another thing then. */
  done?: { label: string; act: () => void };
  children: ReactNode;
}) {
  const { title, note, onClose, done, children } = props;
  return (
    <Dialog title={title} onClose={onClose} wide>
      <div className="mb-4 flex flex-wrap items-center gap-3">
        {note && <p className="mr-auto max-w-xl">{note}</p>}
        <button type="button" data-first className="btn btn-primary" onClick={() => print()}>
          <Printer size={18} aria-hidden="true" />
          {words.classes.print}
        </button>
        <button type="button" className="btn btn-outline" onClick={done?.act ?? onClose}>
          {done?.label ?? words.classes.done}
        </button>
      </div>
      <div className="printed">{children}</div>
    </Dialog>
  );
}
