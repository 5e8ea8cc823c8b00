import type { ReactNode } from "react";
import { words } from "../words/en";

/** What was removed and can still be restored, folded away. */
export function RemovedList(props: {
  title: string;
  /** Until when. */
  text: string;
  removed: { id: string; name: ReactNode; when?: string }[];
  restore: (id: string) => void;
}) {
  const { title, text, removed, restore } = props;
  if (removed.length === 0) return null;
  return (
    <details className="mt-4">
      <summary className="min-h-11 cursor-pointer py-2 text-soft">{title}</summary>
      <p className="px-4 pb-2 text-sm text-soft">{text}</p>
      <ul>
        {removed.map(({ id, name, when }) => (
          <li key={id} className="flex min-h-11 flex-wrap items-center gap-x-4 px-4">
            <span className="mr-auto [overflow-wrap:anywhere]">{name}</span>
            {when && <span className="text-sm text-soft">{when}</span>}
            <button type="button" className="btn btn-ghost" onClick={() => restore(id)}>
              {words.classes.bringBack}
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
