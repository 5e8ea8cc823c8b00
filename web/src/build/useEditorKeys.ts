import { useEffect } from "react";
import type { Command } from "./commands";

const isText = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    target.matches("input:not([type=radio], [type=checkbox]), textarea, select"));

/** The keys that work anywhere in Build; while a dialog is open they are the dialog's. */
export function useEditorKeys(commands: Command[], isOpen: boolean) {
  useEffect(() => {
    if (isOpen) return;
    const onKey = (event: KeyboardEvent) => {
      if (event.defaultPrevented) return;
      const helps = event.key === "?" && !isText(event.target);
      const command = commands.find((c) => c.matches?.(event) || (helps && c.keys === "?"));
      if (command) {
        event.preventDefault();
        command.run();
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [commands, isOpen]);
}
