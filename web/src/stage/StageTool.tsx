import type { ReactNode } from "react";

/** A small button beside a picture on the stage. */
export function StageTool(props: {
  label: string;
  icon: ReactNode;
  disabled?: boolean;
  pressed?: boolean;
  act: () => void;
}) {
  return (
    <button
      type="button"
      aria-label={props.label}
      title={props.label}
      aria-pressed={props.pressed}
      disabled={props.disabled}
      onClick={props.act}
      className="grid size-11 cursor-pointer place-items-center rounded-[14px] border-2 border-line bg-card text-base-content aria-pressed:border-base-content disabled:cursor-default disabled:text-soft disabled:opacity-60"
    >
      {props.icon}
    </button>
  );
}
