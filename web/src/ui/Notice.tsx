import type { ReactNode } from "react";
import { ApiProblem } from "../api/client";
import { words } from "../words/learner";
import { usePageTitle } from "./usePageTitle";

interface NoticeProps {
  title?: string;
  children: ReactNode;
  action?: ReactNode;
  /** It stands inside another page, which has a heading of its own. */
  inside?: boolean;
}

/** A page, or a part of one, with one message: what happened, and what to do. */
export function Notice({ title, children, action, inside }: NoticeProps) {
  usePageTitle(inside ? undefined : title);
  const Frame = inside ? "section" : "main";
  return (
    <Frame className="mx-auto flex min-h-[60vh] max-w-xl flex-col items-start justify-center gap-5 p-6">
      {!inside && (
        <h1 className={title ? "text-3xl font-semibold" : "font-bold text-primary text-xl"}>
          {title ?? words.name}
        </h1>
      )}
      <div className="text-lg">{children}</div>
      {action}
    </Frame>
  );
}

/** What went wrong with a request, in words. */
export function problemWords(error: unknown): string {
  return error instanceof ApiProblem ? error.message : words.offline;
}

/** A request that failed, with the button that tries it again. */
export function Failed(props: { error: unknown; again: () => void; inside?: boolean }) {
  const { error, again, inside } = props;
  // What isn’t there isn’t there at the next try either: the way leads back.
  if (error instanceof ApiProblem && error.status === 404) {
    return (
      <Notice
        title={inside ? undefined : words.notFound.title}
        inside={inside}
        action={
          <a href={placeAbove(location.pathname)} className="btn btn-primary">
            {words.notFound.leads}
          </a>
        }
      >
        <p role="alert">{problemWords(error)}</p>
      </Notice>
    );
  }
  return (
    <Notice
      inside={inside}
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

/** The place that an address belongs to. */
function placeAbove(path: string): string {
  const [, place = ""] = path.split("/");
  if (place === "present") return "/activities";
  if (place === "play" || place === "join") return "/play";
  return `/${place}`;
}

/** While something is on its way. */
export function Loading({ inside }: { inside?: boolean }) {
  return (
    <Notice inside={inside}>
      <p role="status">{words.loading}</p>
    </Notice>
  );
}
