import { useDeferredValue, useState } from "react";
import { takeClip, useLibrary } from "../api/media";
import type { LibraryClip, MediumCard } from "../generated/types";
import { Dialog } from "../ui/Dialog";
import { FIELD } from "../ui/field";
import { Failed, Loading, problemWords } from "../ui/Notice";
import { words } from "../words/en";
import { clockTime } from "../words/format";

const said = words.media;

/** The video library: searched, watched and used without leaving. */
export default function LibraryDialog(props: {
  choose: (card: MediumCard, clip: LibraryClip) => void;
  onClose: () => void;
}) {
  const { choose, onClose } = props;
  const [search, setSearch] = useState("");
  const [taking, setTaking] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const clips = useLibrary(useDeferredValue(search));
  const take = (clip: LibraryClip) => {
    setTaking(clip.name);
    setProblem(undefined);
    takeClip(clip.name)
      .then((card) => choose(card, clip))
      .catch((error) => {
        setProblem(problemWords(error));
        setTaking(undefined);
      });
  };
  return (
    <Dialog title={said.library} onClose={onClose} wide>
      <label className="mb-4 block">
        {said.librarySearch}
        <input
          type="search"
          data-first
          className={FIELD}
          value={search}
          onChange={(event) => setSearch(event.target.value)}
        />
      </label>
      {problem && (
        <p role="alert" className="mb-3">
          {problem}
        </p>
      )}
      {clips.isPending && <Loading inside />}
      {clips.isError && <Failed error={clips.error} again={clips.refetch} inside />}
      {clips.data?.length === 0 && <p role="status">{said.libraryNone}</p>}
      <ul className="grid gap-4 md:grid-cols-2">
        {clips.data?.map((clip) => (
          <li key={clip.name} className="rounded-[14px] border border-line bg-card p-3 shadow-lift">
            {/* biome-ignore lint/a11y/useMediaCaption: a clip has them where somebody speaks in it */}
            <video
              src={clip.address}
              poster={`/api/library/${clip.name}/poster`}
              aria-label={said.libraryPreview(clip.title)}
              controls
              preload="none"
              className="mb-2 aspect-video w-full rounded-[4px] bg-base-200"
            >
              {clip.captions && (
                <track
                  kind="captions"
                  srcLang="en"
                  label="English"
                  src={`/api/library/${clip.name}/captions`}
                />
              )}
            </video>
            <h3 className="font-display font-semibold">{clip.title}</h3>
            <p className="text-sm text-soft">
              {clockTime(clip.millis / 1000)}
              {clip.captions && ` · ${said.libraryCaptions}`}
            </p>
            <p className="my-1">{clip.words}</p>
            <p className="text-sm text-soft">{clip.licence}</p>
            <button
              type="button"
              className="btn btn-primary mt-2"
              disabled={taking !== undefined}
              onClick={() => take(clip)}
            >
              {taking === clip.name ? said.libraryTaking : said.libraryTake}
            </button>
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
