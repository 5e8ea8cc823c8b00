import type { ReactNode } from "react";
import { ApiProblem } from "../api/client";
import { words } from "../words/en";

/** A page with one message on it: what happened, and what to do. */
export function Notice(props: { title?: string; children: ReactNode; action?: ReactNode }) {
  return (
    <section className="mx-auto flex min-h-[60vh] max-w-xl flex-col items-start justify-center gap-5 p-6">
      {props.title && <h1 className="text-3xl font-semibold">{props.title}</h1>}
      <div className="text-lg">{props.children}</div>
      {props.action}
    </section>
  );
}

/** What went wrong with a request, in words. */
export function problemWords(error: unknown): string {
  return error instanceof ApiProblem ? error.message : words.offline;
}

/** A request that failed, with the button that tries it again. */
export function Failed({ error, again }: { error: unknown; again: () => void }) {
  return (
    <Notice
      action={
        <button type="button" className="btn btn-primary" onClick={again}>
          {words.tryAgain}
        </button>
      }
    >
      <p role="alert">{problemWords(error)}</p>
    </Notice>
  );
}

/** While something is on its way. */
export function Loading() {
  return (
    <Notice>
      <p role="status">{words.loading}</p>
    </Notice>
  );
}
