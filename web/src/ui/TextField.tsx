import { Eye, EyeOff } from "lucide-react";
import { type ComponentProps, type ReactNode, useId, useState } from "react";
import { words } from "../words/en";
import { FIELD } from "./field";

/** A line of text in a form, with its label and, where it needs one, a hint. */
export function TextField(
  props: ComponentProps<"input"> & {
    name: string;
    label: string;
    hint?: string;
    /** What stands behind the line. */
    after?: ReactNode;
  },
) {
  const { label, hint, after, ...input } = props;
  const id = useId();
  return (
    <div>
      <label htmlFor={id}>{label}</label>
      <div className="flex items-center gap-2">
        <input
          id={id}
          required
          maxLength={60}
          aria-describedby={hint && `${id}-hint`}
          className={`${FIELD} h-12 text-lg`}
          {...input}
        />
        {after}
      </div>
      {hint && (
        <p id={`${id}-hint`} className="text-soft">
          {hint}
        </p>
      )}
    </div>
  );
}

/** A password in a form, which can be looked at; with a new one goes what it has to be like. */
export function PasswordField(props: { name: string; label: string; isNew?: boolean }) {
  const { isNew, ...field } = props;
  const [shown, setShown] = useState(false);
  const Icon = shown ? EyeOff : Eye;
  return (
    <TextField
      type={shown ? "text" : "password"}
      autoCapitalize="none"
      spellCheck={false}
      maxLength={72}
      autoComplete={isNew ? "new-password" : "current-password"}
      hint={isNew ? words.session.passwordHint : undefined}
      after={
        <button
          type="button"
          className="btn btn-ghost btn-square"
          aria-pressed={shown}
          aria-label={words.session.show}
          title={words.session.show}
          onClick={() => setShown(!shown)}
        >
          <Icon size={20} aria-hidden="true" />
        </button>
      }
      {...field}
    />
  );
}
