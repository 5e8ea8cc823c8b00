import { Mic, Upload } from "lucide-react";
import { type ReactNode, useRef, useState } from "react";
import type { MediaKind } from "../generated/types";
import { words } from "../words/en";
import { Dropping } from "./Dropping";
import { RecordDialog } from "./RecordDialog";
import { ACCEPTED, type Uploaded, upload } from "./upload";

/**
 * All ways in which files come: by button, dropped anywhere on what is inside, pasted anywhere on the
 * page, and recorded.
 */
export function AddMedia(props: {
  kind?: MediaKind;
  added: (result: Uploaded) => void;
  children: ReactNode;
  beside?: ReactNode;
}) {
  const { kind, added, children, beside } = props;
  const input = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(0);
  const [recording, setRecording] = useState(false);
  const take = async (files: FileList | File[] | null | undefined) => {
    if (!files || files.length === 0) return;
    setBusy(files.length);
    const result = await upload([...files]);
    setBusy(0);
    if (input.current) input.current.value = "";
    added(result);
  };
  return (
    <Dropping take={take}>
      <div className="mb-4 flex flex-wrap items-center gap-3">
        {beside}
        <input
          ref={input}
          type="file"
          multiple
          accept={kind ? ACCEPTED[kind] : `${ACCEPTED.picture},${ACCEPTED.sound}`}
          className="sr-only"
          tabIndex={-1}
          aria-label={words.media.add}
          onChange={(event) => take(event.target.files)}
        />
        {kind !== "picture" && (
          <button type="button" className="btn btn-outline" onClick={() => setRecording(true)}>
            <Mic size={18} aria-hidden="true" />
            {words.media.record}
          </button>
        )}
        <button
          type="button"
          className="btn btn-primary"
          disabled={busy > 0}
          onClick={() => input.current?.click()}
        >
          <Upload size={18} aria-hidden="true" />
          {busy > 0 ? words.media.adding(busy) : words.media.add}
        </button>
      </div>
      {children}
      {recording && <RecordDialog added={added} onClose={() => setRecording(false)} />}
    </Dropping>
  );
}
