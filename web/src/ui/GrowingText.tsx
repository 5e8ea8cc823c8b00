import { type ComponentProps, useEffect, useRef } from "react";

/** Where the browser can do it, it need not lay out the page again with each key press. */
const GROWS_ITSELF = globalThis.CSS?.supports?.("field-sizing", "content") ?? false;

/** A text field that grows with its text. */
export function GrowingText(props: ComponentProps<"textarea">) {
  const ref = useRef<HTMLTextAreaElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: its height follows its text
  useEffect(() => {
    const field = ref.current;
    if (!field || GROWS_ITSELF) return;
    field.style.height = "auto";
    field.style.height = `${field.scrollHeight}px`;
  }, [props.value]);
  return (
    <textarea
      ref={ref}
      rows={1}
      {...props}
      className={`field-sizing-content ${props.className ?? ""}`}
    />
  );
}
