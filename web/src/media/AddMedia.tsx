import { Mic, Upload } from "lucide-react";
import { type ReactNode, useEffect, useRef, useState } from "react";
import type { MediaKind } from "../generated/types";
import { words } from "../words/en";
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
  const [over, setOver] = useState(false);
  const [recording, setRecording] = useState(false);
  const take = async (files: FileList | File[] | null | undefined) => {
    if (!files || files.length === 0) return;
    setBusy(files.length);
    const result = await upload([...files]);
    setBusy(0);
    if (input.current) input.current.value = "";
    added(result);
  };
  const latest = useRef(take);
  latest.current = take;
  useEffect(() => {
    const paste = (event: ClipboardEvent) => {
      const files = event.clipboardData?.files;
      if (!files || files.length === 0) return;
      event.preventDefault();
      latest.current(files);
    };
    window.addEventListener("paste", paste);
    return () => window.removeEventListener("paste", paste);
  }, []);
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: files are dropped here; the button does the same
    <div
      onDragOver={(event) => {
        if (!event.dataTransfer.types.includes("Files")) return;
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={(event) => {
        if (!event.currentTarget.contains(event.relatedTarget as Node)) setOver(false);
      }}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        take(event.dataTransfer.files);
      }}
      className={`rounded-[14px] outline-offset-8 ${over ? "outline-3 outline-dashed outline-primary" : ""}`}
    >
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
    </div>
  );
}
