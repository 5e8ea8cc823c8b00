import { useId } from "react";
import { FIELD } from "./field";

interface FieldProps {
  name: string;
  label: string;
  hint?: string;
}

const LINE = `${FIELD} h-12 text-lg`;

/** A line of text in a form. */
export function TextField({ name, label, autoComplete }: FieldProps & { autoComplete?: string }) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        name={name}
        required
        maxLength={60}
        autoComplete={autoComplete}
        className={LINE}
      />
    </div>
  );
}

/** A password in a form. */
export function PasswordField({ name, label, hint, isNew }: FieldProps & { isNew?: boolean }) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        name={name}
        type="password"
        required
        maxLength={72}
        autoComplete={isNew ? "new-password" : "current-password"}
        aria-describedby={hint && `${id}-hint`}
        className={LINE}
      />
      {hint && (
        <p id={`${id}-hint`} className="text-soft">
          {hint}
        </p>
      )}
    </div>
  );
}
