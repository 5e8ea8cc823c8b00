import { X } from "lucide-react";
import { words } from "../words/learner";

/** A message at the foot of the page that says what happened, and what can be done about it. */
export function Toast(props: {
  text: string;
  action?: string;
  act?: () => void;
  close: () => void;
}) {
  const { text, action, act, close } = props;
  return (
    <div
      role="status"
      className="fixed bottom-16 left-1/2 z-20 flex w-max max-w-[calc(100vw-2rem)] -translate-x-1/2 items-center gap-3 rounded-[14px] bg-neutral py-1.5 pr-1.5 pl-5 text-neutral-content shadow-lift"
    >
      <span>{text}</span>
      {action && (
        <button type="button" className="btn btn-accent" onClick={act}>
          {action}
        </button>
      )}
      <button
        type="button"
        className="btn btn-ghost btn-square text-neutral-content hover:bg-neutral-content/15"
        onClick={close}
        aria-label={words.close}
      >
        <X size={18} aria-hidden="true" />
      </button>
    </div>
  );
}
