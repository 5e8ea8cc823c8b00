import { Mic, Upload } from "lucide-react";
import { type ReactNode, useRef, useState } from "react";
import type { MediaKind } from "../generated/types";
import { FileButton } from "../ui/FileButton";
import { words } from "../words/en";
import { Dropping } from "./Dropping";
import { RecordDialog } from "./RecordDialog";
import { ACCEPTED, type Uploaded, upload } from "./upload";

/** A large file on its way. */
interface Coming {
  name: string;
  sent: number;
  bytes: number;
  /** The connection is broken. */
  waits?: boolean;
}

function ComingBar({ coming, stop }: { coming: Coming; stop: () => void }) {
  const { name, sent, bytes, waits } = coming;
  return (
    <div className="mb-4 flex flex-wrap items-center gap-3 rounded-[4px] border-l-4 border-accent bg-card p-3">
      <label className="min-w-60 flex-1">
        <span className="block [overflow-wrap:anywhere]">
          {words.media.coming(name, sent, bytes)}
        </span>
        <progress className="progress progress-primary w-full" value={sent} max={bytes} />
      </label>
      {waits && <p role="status">{words.media.comingWaits}</p>}
      <button type="button" className="btn btn-outline" onClick={stop}>
        {words.media.comingStop}
      </button>
    </div>
  );
}

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
  const [busy, setBusy] = useState(0);
  const [recording, setRecording] = useState(false);
  const [coming, setComing] = useState<Coming>();
  const stops = useRef<AbortController>(undefined);
  const take = async (files: FileList | File[] | null | undefined) => {
    if (!files || files.length === 0) return;
    setBusy(files.length);
    stops.current = new AbortController();
    const result = await upload([...files], undefined, {
      progress: (name, sent, bytes) => setComing({ name, sent, bytes }),
      waits: (name) => setComing((now) => ({ sent: 0, bytes: 1, ...now, name, waits: true })),
      signal: stops.current.signal,
    });
    setBusy(0);
    setComing(undefined);
    added(result);
  };
  return (
    <Dropping take={take}>
      <div className="mb-4 flex flex-wrap items-center gap-3">
        {beside}
        {(kind === undefined || kind === "sound") && (
          <button type="button" className="btn btn-outline" onClick={() => setRecording(true)}>
            <Mic size={18} aria-hidden="true" />
            {words.media.record}
          </button>
        )}
        <FileButton
          multiple
          accept={kind ? ACCEPTED[kind] : Object.values(ACCEPTED).join(",")}
          className="btn btn-primary"
          disabled={busy > 0}
          take={take}
        >
          <Upload size={18} aria-hidden="true" />
          {busy > 0 ? words.media.adding(busy) : words.media.add}
        </FileButton>
      </div>
      {coming && <ComingBar coming={coming} stop={() => stops.current?.abort()} />}
      {children}
      {recording && <RecordDialog added={added} onClose={() => setRecording(false)} />}
    </Dropping>
  );
}
