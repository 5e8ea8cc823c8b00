import { type ComponentProps, useEffect, useRef } from "react";

/** A text field that grows with its text. */
export function GrowingText(props: ComponentProps<"textarea">) {
  const ref = useRef<HTMLTextAreaElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: its height follows its text
  useEffect(() => {
    const field = ref.current;
    if (!field) return;
    field.style.height = "auto";
    field.style.height = `${field.scrollHeight}px`;
  }, [props.value]);
  return <textarea ref={ref} rows={1} {...props} />;
}
