import { useQueryClient } from "@tanstack/react-query";
import { Image, Trash2 } from "lucide-react";
import { type ReactNode, useState } from "react";
import { listAnew } from "../api/listAnew";
import { mediaKeys } from "../api/media";
import type { Picture } from "../generated/types";
import { words } from "../words/en";
import { Dropping } from "./Dropping";
import { Picking } from "./Picking";
import { pictureOf, upload } from "./upload";

const TOOL = "btn btn-sm btn-outline h-11";

/**
 * The picture that an activity is about: chosen from Media, dropped on what is inside, or pasted while
 * nothing is being written and no window is open.
 */
export function PictureChoice(props: {
  picture?: Picture;
  change: (picture?: Picture) => void;
  /** What stands before the buttons. */
  lead?: ReactNode;
  /** More that can be done, after the buttons. */
  tools?: ReactNode;
  children?: ReactNode;
}) {
  const { picture, change, lead, tools, children } = props;
  const [picking, setPicking] = useState(false);
  const [busy, setBusy] = useState(false);
  const [refused, setRefused] = useState<string[]>([]);
  const queries = useQueryClient();
  const take = async (files: FileList) => {
    setBusy(true);
    setRefused([]);
    const { added, refused: why } = await upload([...files].slice(0, 1));
    setBusy(false);
    listAnew(queries, mediaKeys.all);
    const [card] = added;
    const taken = card && pictureOf(card);
    if (taken) change(taken);
    const other = card && !taken ? [words.media.otherKind(card.title, "picture")] : [];
    const more = files.length > 1 ? [words.media.onlyFirst(files.length)] : [];
    setRefused([...why, ...other, ...more]);
  };
  return (
    <Dropping take={take} pastes={nothingElseTakes}>
      <div className="flex flex-wrap items-center gap-2">
        {lead}
        <button
          type="button"
          data-place="board"
          className={TOOL}
          disabled={busy}
          onClick={() => setPicking(true)}
        >
          <Image size={16} aria-hidden="true" />
          {busy ? words.media.adding(1) : picture ? words.media.otherPicture : words.media.aPicture}
        </button>
        {picture && (
          <button type="button" className={TOOL} onClick={() => change(undefined)}>
            <Trash2 size={16} aria-hidden="true" />
            {words.media.leaveOut}
          </button>
        )}
        {tools}
      </div>
      {refused.map((why) => (
        <p key={why} role="alert" className="my-1">
          {why}
        </p>
      ))}
      {children}
      {picking && (
        <Picking
          kind="picture"
          choose={(card) => {
            setPicking(false);
            setRefused([]);
            change(pictureOf(card));
          }}
          onClose={() => setPicking(false)}
        />
      )}
    </Dropping>
  );
}

/** Whether what is pasted belongs to no field and no window. */
const nothingElseTakes = ({ target }: ClipboardEvent) =>
  !(target instanceof Element && target.closest("input, textarea, [contenteditable=true]")) &&
  !document.querySelector("dialog[open]");
