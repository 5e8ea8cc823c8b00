import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { classKeys } from "../api/classes";
import { listAnew } from "../api/listAnew";
import { landFocus } from "../ui/landFocus";
import { problemWords } from "../ui/Notice";

/** A message with what can be done about it. */
export interface Message {
  text: string;
  undo?: () => void;
}

/** Does something with a class, says how it went, and asks anew what there is. */
export function useDoing(first?: Message) {
  const queries = useQueryClient();
  const [message, setMessage] = useState(first);
  const anew = () => listAnew(queries, classKeys.all);
  const attempt = (
    work: Promise<unknown>,
    text?: string,
    undo?: () => Promise<unknown>,
  ): Promise<unknown> =>
    work
      .then(() => {
        if (text)
          setMessage({
            text,
            undo:
              undo &&
              (() => {
                setMessage(undefined);
                attempt(undo());
              }),
          });
      })
      .catch((error) => setMessage({ text: problemWords(error) }))
      .finally(anew)
      // What was pressed may be gone with what it was pressed for.
      .finally(() => setTimeout(landFocus));
  /** The same with what is gone then: its page is left, and not asked for again. */
  const leave = (work: Promise<unknown>, then: () => void) =>
    work.then(then).catch((error) => setMessage({ text: problemWords(error) }));
  return { message, say: setMessage, attempt, leave, anew };
}
