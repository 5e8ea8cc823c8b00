import { type FormEvent, type ReactNode, useState } from "react";
import { Dialog } from "../ui/Dialog";
import { problemWords } from "../ui/Notice";

/** A window with a few fields that are sent together; it closes once that went well. */
export function FormDialog(props: {
  title: string;
  submit: string;
  /** Whether something is still missing. */
  unready?: boolean;
  send: () => Promise<unknown>;
  onClose: () => void;
  wide?: boolean;
  children: ReactNode;
}) {
  const { title, submit, unready = false, send, onClose, wide, children } = props;
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  const submitted = (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    send()
      .then(onClose)
      .catch((error) => {
        setProblem(problemWords(error));
        setBusy(false);
      });
  };
  return (
    <Dialog title={title} onClose={onClose} wide={wide}>
      <form onSubmit={submitted} className="grid gap-4">
        {children}
        {problem && <p role="alert">{problem}</p>}
        <button
          type="submit"
          className="btn btn-primary justify-self-start"
          disabled={busy || unready}
        >
          {submit}
        </button>
      </form>
    </Dialog>
  );
}
