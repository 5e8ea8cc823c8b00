import { useEffect } from "react";
import type { EditorStore } from "./editor";

/** The keys that work anywhere in Build. */
export function useEditorKeys(useEditor: EditorStore, showKeys: () => void) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const inText =
        event.target instanceof HTMLElement &&
        event.target.matches("input:not([type=radio]), textarea, select");
      const command = event.ctrlKey || event.metaKey;
      const key = event.key.toLowerCase();
      if (command && !event.altKey && (key === "z" || key === "y")) {
        event.preventDefault();
        const { undo, redo } = useEditor.getState();
        if (key === "y" || event.shiftKey) redo();
        else undo();
      } else if (event.key === "?" && !inText && !command) {
        event.preventDefault();
        showKeys();
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [useEditor, showKeys]);
}
