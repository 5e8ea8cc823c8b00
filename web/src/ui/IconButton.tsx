import type { LucideIcon } from "lucide-react";

/** A button that is a sign alone; its words are its name and its tip. */
export function IconButton(props: {
  label: string;
  icon: LucideIcon;
  act: () => void;
  disabled?: boolean;
}) {
  return (
    <button
      type="button"
      className="btn btn-ghost btn-square"
      title={props.label}
      aria-label={props.label}
      disabled={props.disabled}
      onClick={props.act}
    >
      <props.icon size={18} aria-hidden="true" />
    </button>
  );
}
