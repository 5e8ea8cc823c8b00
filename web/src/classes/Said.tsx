import { Toast } from "../ui/Toast";
import { words } from "../words/en";
import type { useDoing } from "./useDoing";

/** What was said last of what was done, with the way back where there is one. */
export function Said({ message, say }: Pick<ReturnType<typeof useDoing>, "message" | "say">) {
  if (!message) return null;
  return (
    <Toast
      text={message.text}
      action={message.undo && words.classes.register.undo}
      act={message.undo}
      close={() => say(undefined)}
    />
  );
}
