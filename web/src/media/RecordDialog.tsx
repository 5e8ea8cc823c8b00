import { Mic, Square } from "lucide-react";
import { useEffect, useState } from "react";
import { Dialog } from "../ui/Dialog";
import { FIELD } from "../ui/field";
import { words } from "../words/en";
import { clockTime } from "../words/format";
import { useRecorder } from "./recorder";
import { type Uploaded, upload } from "./upload";

/** Records a sound, lets it be heard, and keeps it. */
export function RecordDialog(props: { added: (result: Uploaded) => void; onClose: () => void }) {
  const { added, onClose } = props;
  const { state, seconds, level, recording, start, stop } = useRecorder();
  const [title, setTitle] = useState(words.media.recordingTitle(new Date()));
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState("");
  const [address, setAddress] = useState("");
  useEffect(() => {
    if (!recording) return;
    const made = URL.createObjectURL(recording.blob);
    setAddress(made);
    return () => URL.revokeObjectURL(made);
  }, [recording]);
  const keep = async () => {
    if (!recording) return;
    setBusy(true);
    const file = new File([recording.blob], title.trim() || words.media.recordingTitle(new Date()));
    const result = await upload([file], recording.millis);
    setBusy(false);
    if (result.added.length === 0) return setProblem(result.refused.join(" "));
    added(result);
    onClose();
  };
  return (
    <Dialog title={words.media.record} onClose={onClose}>
      {state === "impossible" && <p role="alert">{words.media.cannotRecord}</p>}
      {state === "refused" && <p role="alert">{words.media.noMicrophone}</p>}
      {state !== "impossible" && (
        <div className="flex flex-wrap items-center gap-4">
          {state === "recording" ? (
            <button type="button" className="btn btn-accent" onClick={stop}>
              <Square size={18} aria-hidden="true" />
              {words.media.stop}
            </button>
          ) : (
            <button
              type="button"
              data-first
              className={`btn ${recording ? "btn-outline" : "btn-primary"}`}
              disabled={state === "asking"}
              onClick={start}
            >
              <Mic size={18} aria-hidden="true" />
              {recording ? words.media.recordAgain : words.media.start}
            </button>
          )}
          <span className="font-display text-2xl font-semibold tabular-nums">
            {clockTime(seconds)}
          </span>
          <meter
            aria-label={words.media.level}
            className="h-4 min-w-32 flex-1"
            min={0}
            max={1}
            value={level}
          />
        </div>
      )}
      <p className="sr-only" role="status">
        {state === "recording" && words.media.isRecording}
      </p>
      {recording && state === "done" && (
        <div className="mt-5 grid gap-4">
          {/* biome-ignore lint/a11y/useMediaCaption: it was recorded just now by who listens */}
          <audio src={address} controls className="w-full" />
          <label>
            {words.media.title}
            <input
              className={FIELD}
              value={title}
              maxLength={200}
              onChange={(event) => setTitle(event.target.value)}
            />
          </label>
          {problem && <p role="alert">{problem}</p>}
          <button type="button" className="btn btn-primary" disabled={busy} onClick={keep}>
            {words.media.keep}
          </button>
        </div>
      )}
    </Dialog>
  );
}
