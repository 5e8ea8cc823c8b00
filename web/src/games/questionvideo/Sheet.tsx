import { SheetHeading } from "../../build/SheetHeading";
import type { SheetProps } from "..";
import { FilmEditor } from "./FilmEditor";
import { Script } from "./Script";
import { sheetWords } from "./sheetWords";
import { videoOf } from "./video";
import "./script.css";

/** The sheet of a question video: the film with its strip, and its script with the stops. */
export default function VideoSheet({ useEditor, sheet, showKeys, takeIn }: SheetProps) {
  const video = useEditor((editor) => videoOf(editor.activity));
  if (!video) return null;
  return (
    <section aria-labelledby="sheet" className="@container/sheet">
      <FilmEditor useEditor={useEditor} video={video} sheet={sheet} />
      <SheetHeading title={sheetWords.sheet(video.questions.length)} showKeys={showKeys} />
      <Script useEditor={useEditor} video={video} sheet={sheet} takeIn={takeIn} />
    </section>
  );
}
