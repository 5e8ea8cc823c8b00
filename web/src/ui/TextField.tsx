import { type ComponentProps, useId } from "react";
import { words } from "../words/en";
import { FIELD } from "./field";

/** A line of text in a form, with its label and, where it needs one, a hint. */
export function TextField(
  props: ComponentProps<"input"> & { name: string; label: string; hint?: string },
) {
  const { label, hint, ...input } = props;
  const id = useId();
  return (
    <div>
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        required
        maxLength={60}
        aria-describedby={hint && `${id}-hint`}
        className={`${FIELD} h-12 text-lg`}
        {...input}
      />
      {hint && (
        <p id={`${id}-hint`} className="text-soft">
          {hint}
        </p>
      )}
    </div>
  );
}

/** A password in a form; with a new one goes what it has to be like. */
export function PasswordField(props: { name: string; label: string; isNew?: boolean }) {
  const { isNew, ...field } = props;
  return (
    <TextField
      type="password"
      maxLength={72}
      autoComplete={isNew ? "new-password" : "current-password"}
      hint={isNew ? words.session.passwordHint : undefined}
      {...field}
    />
  );
}
