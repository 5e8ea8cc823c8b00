import { useQueryClient } from "@tanstack/react-query";
import { Image, Maximize2, Trash2 } from "lucide-react";
import { type CSSProperties, type ReactNode, useState } from "react";
import { listAnew } from "../api/listAnew";
import { mediaKeys } from "../api/media";
import type { Picture } from "../generated/types";
import { words } from "../words/en";
import { Dropping } from "./Dropping";
import { Picking } from "./Picking";
import { pictureOf, upload } from "./upload";

/** How much of the window's height a picture takes beside its buttons, in per cent: what is written
 * below it is in sight, too. */
const BESIDE = 27;
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
  /** The picture on which something is written: small beside the buttons, or as wide as the sheet. */
  board?: ReactNode;
  children?: ReactNode;
}) {
  const { picture, change, lead, tools, board, children } = props;
  const [large, setLarge] = useState(false);
  const [picking, setPicking] = useState(false);
  const [busy, setBusy] = useState(false);
  const [refused, setRefused] = useState<string[]>([]);
  const { width = 3, height = 2 } = picture ?? {};
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
      <div className="@container">
        <div className="flex flex-wrap items-start gap-3">
          {board && (
            <div
              className={`shrink-0 ${large ? "w-full" : "w-[min(56%,var(--fits))] @max-[440px]:w-full"}`}
              style={{ "--fits": `${(BESIDE * width) / height}vh` } as CSSProperties}
            >
              {board}
            </div>
          )}
          <div
            className={`flex min-w-0 flex-wrap items-center gap-2 ${board && !large ? "flex-1 basis-44" : "w-full"}`}
          >
            {lead}
            <button
              type="button"
              data-place="board"
              className={TOOL}
              disabled={busy}
              onClick={() => setPicking(true)}
            >
              <Image size={16} aria-hidden="true" />
              {busy
                ? words.media.adding(1)
                : picture
                  ? words.media.otherPicture
                  : words.media.aPicture}
            </button>
            {picture && (
              <button type="button" className={TOOL} onClick={() => change(undefined)}>
                <Trash2 size={16} aria-hidden="true" />
                {words.media.leaveOut}
              </button>
            )}
            {board && (
              <button
                type="button"
                aria-pressed={large}
                className={`${TOOL} @max-[440px]:hidden`}
                onClick={() => setLarge(!large)}
              >
                <Maximize2 size={16} aria-hidden="true" />
                {words.media.larger}
              </button>
            )}
            {tools}
          </div>
        </div>
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
