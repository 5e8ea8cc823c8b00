import type { LucideIcon } from "lucide-react";

/** A button that is a sign alone; its words are its name and its tip, and stand beside it where there is room. */
export function IconButton(props: {
  label: string;
  icon: LucideIcon;
  act: () => void;
  disabled?: boolean;
  /** The words beside it on a wide screen; without them it is a sign at every size. */
  words?: string;
}) {
  return (
    <button
      type="button"
      className={`btn btn-ghost ${props.words === undefined ? "btn-square" : "px-2.5"}`}
      title={props.label}
      aria-label={props.label}
      disabled={props.disabled}
      onClick={props.act}
    >
      <props.icon size={18} aria-hidden="true" />
      {props.words !== undefined && <span className="max-xl:hidden">{props.words}</span>}
    </button>
  );
}
