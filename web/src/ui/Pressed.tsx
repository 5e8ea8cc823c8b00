/** A choice among a few that all stand there: the one that holds is pressed. */
export function Pressed<K extends string | undefined>(props: {
  label: string;
  /** Whether the label is seen; else it is only read. */
  shown?: boolean;
  options: { key: K; text: string }[];
  value: K;
  choose: (key: K) => void;
}) {
  const { label, shown = false, options, value, choose } = props;
  return (
    <fieldset className="flex flex-wrap gap-2">
      <legend className={shown ? "mb-1 text-soft" : "sr-only"}>{label}</legend>
      {options.map(({ key, text }) => (
        <button
          key={key ?? ""}
          type="button"
          aria-pressed={key === value}
          className={`min-h-11 cursor-pointer rounded-[14px] border px-3 text-left text-sm ${key === value ? "border-primary bg-primary text-primary-content" : "border-edge bg-card hover:bg-base-200"}`}
          onClick={() => choose(key)}
        >
          {text}
        </button>
      ))}
    </fieldset>
  );
}
