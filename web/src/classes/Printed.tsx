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
  children: ReactNode;
}) {
  const { title, note, onClose, children } = props;
  return (
    <Dialog title={title} onClose={onClose} wide>
      <div className="mb-4 flex flex-wrap items-center gap-3">
        {note && <p className="mr-auto max-w-xl">{note}</p>}
        <button type="button" data-first className="btn btn-primary" onClick={() => print()}>
          <Printer size={18} aria-hidden="true" />
          {words.classes.print}
        </button>
        <button type="button" className="btn btn-outline" onClick={onClose}>
          {words.classes.done}
        </button>
      </div>
      <div className="printed">{children}</div>
    </Dialog>
  );
}
