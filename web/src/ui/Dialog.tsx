import { X } from "lucide-react";
import { type ReactNode, useLayoutEffect, useRef } from "react";
import { words } from "../words/learner";
import { landFocus } from "./landFocus";

/**
 * A dialog on the browser's own: it keeps the focus, closes with Esc and gives the focus back. What
 * is marked with `data-first` has the focus first. One that has to be answered can't be closed.
 */
export function Dialog(props: {
  title: string;
  onClose?: () => void;
  wide?: boolean;
  children: ReactNode;
}) {
  const { title, onClose, wide, children } = props;
  const ref = useRef<HTMLDialogElement>(null);
  useLayoutEffect(() => {
    const dialog = ref.current;
    if (dialog && !dialog.open) {
      dialog.showModal();
      dialog.querySelector<HTMLElement>("[data-first]")?.focus();
    }
    return () => {
      // While it is still on the page: only then the browser gives the focus back.
      dialog?.close();
      setTimeout(landFocus);
    };
  }, []);
  return (
    <dialog
      ref={ref}
      aria-label={title}
      onCancel={(event) => {
        event.preventDefault();
        // One that lies on top of it is closed alone.
        if (event.target === event.currentTarget) onClose?.();
      }}
      onKeyDown={(event) => event.stopPropagation()}
      className={`m-auto max-h-[90vh] ${wide ? "w-[min(64rem,calc(100vw-2rem))]" : "w-[min(36rem,calc(100vw-2rem))]"} overflow-y-auto rounded-[14px] border border-line bg-base-100 p-6 text-base-content shadow-lift backdrop:bg-black/50`}
    >
      <div className="mb-4 flex items-start justify-between gap-4">
        <h2 className="text-2xl font-semibold">{title}</h2>
        {onClose && (
          <button
            type="button"
            className="btn btn-ghost btn-square"
            onClick={onClose}
            aria-label={words.close}
          >
            <X aria-hidden="true" />
          </button>
        )}
      </div>
      {children}
    </dialog>
  );
}

/** A list of keys and what they do. */
export function KeyList(props: {
  keys: readonly (readonly [string, string, string?])[];
  /** What pressing a line does, by the name that stands third in it; nothing where it does nothing now. */
  runs?: Partial<Record<string, () => void>>;
}) {
  const { keys, runs } = props;
  return (
    <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-6 gap-y-3">
      {keys.map(([key, does, name = ""]) => (
        <div key={key} className="contents">
          <dt>
            <kbd className="kbd font-display">{key}</kbd>
          </dt>
          <dd>
            {runs?.[name] ? (
              <button
                type="button"
                className="min-h-11 w-full cursor-pointer rounded-[4px] px-2 text-start underline decoration-edge decoration-dotted underline-offset-4 hover:bg-base-200"
                onClick={runs[name]}
              >
                {does}
              </button>
            ) : (
              <span className={runs && "px-2"}>{does}</span>
            )}
          </dd>
        </div>
      ))}
    </dl>
  );
}
