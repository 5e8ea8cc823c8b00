import { useQueryClient } from "@tanstack/react-query";
import { Trash2 } from "lucide-react";
import { useDeferredValue, useState } from "react";
import { listAnew } from "../api/listAnew";
import { bringBackMedium, mediaKeys, useMedia, type Wanted } from "../api/media";
import { Shell } from "../app/Shell";
import type { MediumCard } from "../generated/types";
import { problemWords } from "../ui/Notice";
import { Toast } from "../ui/Toast";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/en";
import { AddMedia } from "./AddMedia";
import { MediaFilter } from "./MediaFilter";
import { MediaGrid } from "./MediaGrid";
import { MediumDialog } from "./MediumDialog";
import type { Uploaded } from "./upload";

/** All media of the teacher's. */
export default function MediaPage() {
  usePageTitle(words.places.media);
  const [wanted, setWanted] = useState<Wanted>({ search: "" });
  const [open, setOpen] = useState<MediumCard>();
  const [message, setMessage] = useState<{ text: string; undo?: () => void }>();
  const queries = useQueryClient();
  const settled = useDeferredValue(wanted);
  const changed = () => listAnew(queries, mediaKeys.all);
  const added = async ({ added: cards, refused }: Uploaded) => {
    await changed();
    const [only] = cards;
    if (cards.length === 1 && refused.length === 0) setOpen(only);
    const says = cards.length > 0 ? [words.media.added(cards.length)] : [];
    setMessage({ text: [...says, ...refused].join(" ") });
  };
  const bringBack = (card: MediumCard) =>
    bringBackMedium(card.medium)
      .then(() => setMessage({ text: words.media.broughtBack(card.title) }))
      .catch((error) => setMessage({ text: problemWords(error) }))
      .finally(changed);
  const removed = (card: MediumCard) => {
    setOpen(undefined);
    setMessage({ text: words.media.removed(card.title), undo: () => bringBack(card) });
  };
  return (
    <Shell>
      <div className="mx-auto max-w-[110rem] px-4 py-6 sm:px-7">
        <div className="mb-4 flex flex-wrap items-baseline gap-x-4">
          <h1 className="text-3xl font-semibold">
            {wanted.removed ? words.media.removedTitle : words.places.media}
          </h1>
          <Used wanted={wanted} change={setWanted} />
        </div>
        <AddMedia added={added} beside={<MediaFilter wanted={wanted} change={setWanted} />}>
          <MediaGrid wanted={settled} press={wanted.removed ? bringBack : setOpen} />
          <p className="mt-6 text-soft">
            {wanted.removed ? words.media.removedText : words.media.dropHere}
          </p>
        </AddMedia>
      </div>
      {open && (
        <MediumDialog
          key={open.medium}
          card={open}
          removed={removed}
          onClose={() => setOpen(undefined)}
        />
      )}
      {message && (
        <Toast
          text={message.text}
          action={message.undo && words.activities.undo}
          act={message.undo}
          close={() => setMessage(undefined)}
        />
      )}
    </Shell>
  );
}

/** How much of the room for media is taken. */
function Used(props: { wanted: Wanted; change: (wanted: Wanted) => void }) {
  const { wanted, change } = props;
  const all = useMedia({ search: "" }).data?.pages[0];
  if (!all) return null;
  return (
    <>
      <p className="text-soft">{words.media.used(all)}</p>
      {(all.removed > 0 || wanted.removed) && (
        <button
          type="button"
          className="btn btn-ghost ml-auto"
          onClick={() => change({ search: "", removed: !wanted.removed })}
        >
          <Trash2 size={18} aria-hidden="true" />
          {wanted.removed ? words.media.showThere : words.media.showRemoved(all.removed)}
        </button>
      )}
    </>
  );
}
