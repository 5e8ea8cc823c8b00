import { type ReactNode, useRef } from "react";

/** A button that asks for files; the field for them is the browser's alone, and nobody's stop. */
export function FileButton(props: {
  accept: string;
  multiple?: boolean;
  disabled?: boolean;
  className: string;
  take: (files: File[]) => void;
  children: ReactNode;
}) {
  const { accept, multiple, disabled, className, take, children } = props;
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        hidden
        accept={accept}
        multiple={multiple}
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          // The same file can be taken once more.
          event.target.value = "";
          if (files.length > 0) take(files);
        }}
      />
      <button
        type="button"
        className={className}
        disabled={disabled}
        onClick={() => input.current?.click()}
      >
        {children}
      </button>
    </>
  );
}
