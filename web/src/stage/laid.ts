import { useCallback, useState } from "react";
import type { ResponseUnion, Showing } from "../generated/types";
import { forgetBeside, readBeside, writeBeside } from "../ui/perSitting";

/** What lies there for a question and is not sent yet, with the try that it belongs to. */
interface OneLaid {
  attempt: number;
  response: ResponseUnion;
}

type Laid = Record<string, OneLaid>;

/** Whether it lies there piece by piece, so that much is lost with it. */
export const isLaid = ({ kind }: ResponseUnion) =>
  !["picked", "picked-all", "typed", "pointed"].includes(kind);

const PREFIX = "bravium.laid.";

/** A device keeps nothing more of what lay there in a game. */
export const forgetLaid = (sitting: string) => forgetBeside(PREFIX, sitting);

/** What is laid, and is seen as long as its try is the one that is open; or the one that ran out. */
export function laidFor({ question, feedback }: Showing, laid: Laid): ResponseUnion | undefined {
  const one = question && laid[question.id];
  if (!one) return undefined;
  const ranOut = feedback?.verdict === "missed" && one.attempt === question.attempt - 1;
  return one.attempt === question.attempt || ranOut ? one.response : undefined;
}

/**
 * What is given as the answer to each question and not yet sent, kept on this device: a jump to
 * another question, a reload or the answer under a flap take nothing of it away.
 *
 * @param sitting the game; nothing while that isn't known
 */
export function useLaid(sitting: string | undefined, showing: Showing | undefined) {
  const [held, setHeld] = useState<{ sitting?: string; laid: Laid }>({ laid: {} });
  const laid =
    held.sitting === sitting
      ? held.laid
      : (sitting !== undefined && readBeside<Laid>(PREFIX, sitting)) || {};
  if (held.sitting !== sitting) setHeld({ sitting, laid });
  const { id, attempt } = showing?.question ?? {};
  const give = useCallback(
    (response: ResponseUnion | undefined) => {
      if (id === undefined || attempt === undefined) return;
      setHeld((before) => {
        const { [id]: _, ...others } = before.laid;
        const next = response ? { ...others, [id]: { attempt, response } } : others;
        if (before.sitting !== undefined) writeBeside(PREFIX, before.sitting, next);
        return { ...before, laid: next };
      });
    },
    [id, attempt],
  );
  const clear = useCallback(() => setHeld((before) => ({ ...before, laid: {} })), []);
  return { given: showing && laidFor(showing, laid), give, clear };
}
