import { useEffect, useRef } from "react";

/** The button that opens something in its place: once that is shut, the focus is on it again. */
export function useReturn(open: boolean) {
  const button = useRef<HTMLButtonElement>(null);
  const was = useRef(false);
  useEffect(() => {
    if (!open && was.current) button.current?.focus();
    was.current = open;
  }, [open]);
  return button;
}
