import { useId } from "react";

interface FieldProps {
  name: string;
  label: string;
  hint?: string;
}

const FIELD = "h-12 w-full rounded-[14px] border border-edge bg-card px-3 text-lg";

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
        className={FIELD}
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
        className={FIELD}
      />
      {hint && (
        <p id={`${id}-hint`} className="text-soft">
          {hint}
        </p>
      )}
    </div>
  );
}
