import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { listVersions, readVersion } from "../api/teacher";
import type { Activity, VersionCard } from "../generated/types";
import { questionsOf } from "../questions/questionsOf";
import { Dialog } from "../ui/Dialog";
import { Loading, problemWords } from "../ui/Notice";
import { words } from "../words/en";
import type { EditorStore } from "./editor";
import { changesText, questionText } from "./parts";

/** Every version that is kept: when, what changed; look at one, bring one back. */
export function VersionsDialog(props: { id: string; useEditor: EditorStore; onClose: () => void }) {
  const { id, useEditor, onClose } = props;
  const [shown, setShown] = useState<number>();
  const versions = useInfiniteQuery({
    queryKey: ["versions", id],
    queryFn: ({ pageParam }) => listVersions(id, pageParam),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: (page) => (page.length < PAGE ? undefined : page.at(-1)?.version),
    gcTime: 0,
  });
  const cards = versions.data?.pages.flat() ?? [];
  const version = shown ?? cards[0]?.version;
  return (
    <Dialog title={words.versions.title} onClose={onClose} wide>
      <p className="mb-3 text-soft">{words.versions.text}</p>
      {versions.isPending && <p role="status">{words.loading}</p>}
      {versions.isError && <p role="alert">{problemWords(versions.error)}</p>}
      <div className="grid gap-4 md:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]">
        <ul
          className="max-h-[30vh] overflow-y-auto md:max-h-[55vh]"
          // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls can be reached by keyboard
          tabIndex={0}
          aria-label={words.versions.list}
        >
          {cards.map((card) => (
            <li key={card.version}>
              <VersionLine
                card={card}
                on={card.version === version}
                show={() => setShown(card.version)}
              />
            </li>
          ))}
          {versions.hasNextPage && (
            <li>
              <button
                type="button"
                className="btn btn-ghost w-full"
                disabled={versions.isFetchingNextPage}
                onClick={() => versions.fetchNextPage()}
              >
                {words.versions.more}
              </button>
            </li>
          )}
        </ul>
        {version !== undefined && (
          <Version
            id={id}
            version={version}
            isNewest={version === cards[0]?.version}
            bringBack={(activity) => {
              useEditor.getState().take(activity);
              onClose();
            }}
          />
        )}
      </div>
    </Dialog>
  );
}

/** As many as the server lists at once. */
const PAGE = 30;

function VersionLine(props: { card: VersionCard; on: boolean; show: () => void }) {
  const { card, on, show } = props;
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={show}
      className={`w-full cursor-pointer rounded-[14px] px-3 py-2 text-start ${on ? "bg-primary text-primary-content" : "hover:bg-base-200"}`}
    >
      <span className="block font-semibold">{words.versions.when(new Date(card.savedAt))}</span>
      <span className={on ? "" : "text-soft"}>{changesText(card.changes)}</span>
    </button>
  );
}

function Version(props: {
  id: string;
  version: number;
  isNewest: boolean;
  bringBack: (activity: Activity) => void;
}) {
  const { id, version, isNewest, bringBack } = props;
  const read = useQuery({
    queryKey: ["version", id, version],
    queryFn: () => readVersion(id, version),
    staleTime: Number.POSITIVE_INFINITY,
  });
  if (read.isPending) return <Loading inside />;
  if (read.isError) return <p role="alert">{problemWords(read.error)}</p>;
  const { activity, savedAt } = read.data;
  return (
    <section aria-label={words.versions.look(new Date(savedAt))}>
      <button
        type="button"
        className="btn btn-primary mb-3"
        disabled={isNewest}
        onClick={() => bringBack(activity)}
      >
        {isNewest ? words.versions.newest : words.versions.bringBack}
      </button>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls can be reached by keyboard */}
      <div className="max-h-[48vh] overflow-y-auto rounded-[4px] bg-card p-4" tabIndex={0}>
        <h3 className="text-lg font-semibold">
          {activity.titlePage.title || words.activities.untitled}
        </h3>
        <p className="mb-2 text-soft">{words.versions.rules(activity.rules)}</p>
        <ol className="list-decimal pl-6">
          {questionsOf(activity).map((question) => (
            <li key={question.id} className="py-1 [overflow-wrap:anywhere]">
              {questionText(question)}
            </li>
          ))}
        </ol>
      </div>
    </section>
  );
}
