import { useClasses } from "../api/classes";
import { FIELD } from "../ui/field";
import { words } from "../words/en";

/** A choice among the classes in use. */
export function ClassChoice(props: {
  value?: string;
  change: (id?: string) => void;
  /** The one that is meant already. */
  besides?: string;
}) {
  const { value, change, besides } = props;
  const classes = useClasses();
  const used = classes.data?.filter(({ id, archivedAt }) => id !== besides && !archivedAt) ?? [];
  return (
    <label className="grid gap-1">
      {words.classes.giving.which}
      <select
        data-first
        required
        className={`${FIELD} h-12`}
        value={value ?? ""}
        onChange={(event) => change(event.target.value || undefined)}
      >
        <option value="" />
        {used.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}
