/** A yes or no on the sheet. */
export function Check(props: {
  label: string;
  checked: boolean;
  turn: () => void;
  disabled?: boolean;
}) {
  return (
    <label className="flex min-h-9 items-center gap-1.5">
      <input
        type="checkbox"
        className="checkbox checkbox-sm border-edge"
        checked={props.checked}
        disabled={props.disabled}
        onChange={props.turn}
      />
      {props.label}
    </label>
  );
}
