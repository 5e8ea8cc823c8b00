import { Captions, Download } from "lucide-react";
import { useState } from "react";
import type { EditorStore } from "../../build/editor";
import { captionsAsVtt, chaptersAsVtt, readCaptions } from "../../engine/LocalGame";
import type { QuestionVideo } from "../../generated/types";
import { Dialog } from "../../ui/Dialog";
import { FileButton } from "../../ui/FileButton";
import { saveAs } from "../../ui/saveAs";
import { decoded } from "./captionText";
import { sheetWords } from "./sheetWords";
import { withCaptions } from "./video";

const LARGEST_CAPTIONS = 4 << 20;

/** Captions come from a file and go into one; stops go out as chapters. */
export function CaptionFiles({
  useEditor,
  video,
}: {
  useEditor: EditorStore;
  video: QuestionVideo;
}) {
  const [note, setNote] = useState<string[]>([]);
  /** Captions of another file that would take the place of those that are there. */
  const [asked, setAsked] = useState<{ there: number; fresh: number; take: () => void }>();
  const { edit } = useEditor.getState();
  const title = useEditor((editor) => editor.activity.titlePage.title);
  const take = async (file: File) => {
    if (file.size > LARGEST_CAPTIONS) return setNote([sheetWords.captionsTooLarge]);
    const { lines, passedOver } = readCaptions(decoded(await file.arrayBuffer()));
    const over = passedOver.map(({ line, why }) => sheetWords.captionsOver(line, why));
    if (lines.length === 0) return setNote([sheetWords.captionsNone, ...over]);
    const there = video.script.filter((line) => !line.note).length;
    const take = () => {
      edit(withCaptions(lines));
      setAsked(undefined);
      setNote([sheetWords.captionsTaken(lines.length), ...over]);
    };
    if (there === 0) return take();
    setNote([]);
    setAsked({ there, fresh: lines.length, take });
  };
  return (
    <>
      <FileButton
        accept=".vtt,.srt,text/vtt"
        className="btn btn-ghost border border-dashed border-edge"
        take={([file]) => file && take(file)}
      >
        <Captions size={18} aria-hidden="true" />
        {sheetWords.captionsIn}
      </FileButton>
      {video.script.some((line) => !line.note) && (
        <button
          type="button"
          className="btn btn-ghost"
          onClick={() => save(captionsAsVtt(video), `${title || "captions"}.vtt`)}
        >
          <Download size={18} aria-hidden="true" />
          {sheetWords.captionsOut}
        </button>
      )}
      {video.stops.length > 0 && (
        <button
          type="button"
          className="btn btn-ghost"
          onClick={() => save(chaptersAsVtt(video), `${title || "stops"} (chapters).vtt`)}
        >
          <Download size={18} aria-hidden="true" />
          {sheetWords.chaptersOut}
        </button>
      )}
      {asked && (
        <Dialog title={sheetWords.captionsAsk} onClose={() => setAsked(undefined)}>
          <p className="mb-4">{sheetWords.captionsAskText(asked.there, asked.fresh)}</p>
          <div className="flex flex-wrap gap-3">
            <button type="button" data-first className="btn btn-primary" onClick={asked.take}>
              {sheetWords.captionsReplace}
            </button>
            <button
              type="button"
              className="btn btn-outline"
              onClick={() => {
                setAsked(undefined);
                setNote([sheetWords.captionsKept]);
              }}
            >
              {sheetWords.captionsKeep}
            </button>
          </div>
        </Dialog>
      )}
      <div role="status" className="w-full">
        {note.map((line) => (
          <p key={line}>{line}</p>
        ))}
      </div>
    </>
  );
}

function save(text: string, name: string) {
  const address = URL.createObjectURL(new Blob([text], { type: "text/vtt" }));
  saveAs(address, name);
  setTimeout(() => URL.revokeObjectURL(address));
}
