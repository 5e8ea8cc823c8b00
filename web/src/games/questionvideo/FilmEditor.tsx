import { useQueryClient } from "@tanstack/react-query";
import {
  ChevronLeft,
  ChevronRight,
  ChevronsLeft,
  ChevronsRight,
  Clapperboard,
  Film as FilmIcon,
  Image,
  ImageDown,
  Library,
  Music,
  Pause,
  Play,
} from "lucide-react";
import { lazy, Suspense, useEffect, useRef, useState } from "react";
import { listAnew } from "../../api/listAnew";
import { addMedium, captionsOfClip, mediaKeys } from "../../api/media";
import type { EditorStore } from "../../build/editor";
import type { SheetActions } from "../../build/sheetActions";
import { readCaptions } from "../../engine/LocalGame";
import type { Film, MediumCard, QuestionVideo } from "../../generated/types";
import { Picking } from "../../media/Picking";
import { pictureOf } from "../../media/upload";
import { useMediaAddress } from "../../rich/media";
import { IconButton } from "../../ui/IconButton";
import { problemWords } from "../../ui/Notice";
import { MomentField } from "./MomentField";
import { usePlayhead } from "./playhead";
import { Strip } from "./Strip";
import { sheetWords } from "./sheetWords";
import { useSheetKeys } from "./useSheetKeys";
import { changeVideo, filmOf, withCaptions } from "./video";

const LibraryDialog = lazy(() => import("../../media/LibraryDialog"));

const TOOL = "btn btn-sm btn-outline h-11";
const USUAL_RATE = 25_000;

interface EditorProps {
  useEditor: EditorStore;
  video: QuestionVideo;
  sheet: SheetActions;
}

/** The film on the sheet: chosen, played frame by frame, trimmed, with its strip. */
export function FilmEditor(props: EditorProps) {
  const { useEditor, video } = props;
  const { film } = video;
  const { edit } = useEditor.getState();
  const queries = useQueryClient();
  const [picking, setPicking] = useState<"video" | "sound" | "picture" | "library">();
  const [note, setNote] = useState<string>();
  const take = (card: MediumCard) => {
    setPicking(undefined);
    const poster = pictureOf(card);
    if (poster) {
      return edit(changeVideo((now) => ({ film: now.film && { ...now.film, poster } })));
    }
    const taken = filmOf(card);
    if (!taken) return setNote(sheetWords.unknownLength(card.title));
    setNote(undefined);
    edit(changeVideo(() => ({ film: taken })));
  };
  return (
    <section aria-labelledby="film" className="mb-2">
      <div className="flex flex-wrap items-center gap-2">
        <h2 id="film" className="mr-auto text-sm font-semibold tracking-wide text-soft">
          {sheetWords.film}
        </h2>
        <button
          type="button"
          className={TOOL}
          data-place="board"
          onClick={() => setPicking("video")}
        >
          <FilmIcon size={16} aria-hidden="true" />
          {film ? sheetWords.other : sheetWords.choose}
        </button>
        <button type="button" className={TOOL} onClick={() => setPicking("library")}>
          <Library size={16} aria-hidden="true" />
          {sheetWords.library}
        </button>
        <button type="button" className={TOOL} onClick={() => setPicking("sound")}>
          <Music size={16} aria-hidden="true" />
          {sheetWords.sound}
        </button>
        {film && film.width === undefined && (
          <button type="button" className={TOOL} onClick={() => setPicking("picture")}>
            <Image size={16} aria-hidden="true" />
            {sheetWords.picture}
          </button>
        )}
      </div>
      {!film && <p className="my-2 text-soft">{sheetWords.first}</p>}
      {film && <Playing key={film.medium} {...props} film={film} tell={setNote} />}
      <p role="status" className="text-sm empty:hidden">
        {note}
      </p>
      {picking && picking !== "library" && (
        <Picking kind={picking} choose={take} onClose={() => setPicking(undefined)} />
      )}
      {picking === "library" && (
        <Suspense fallback={null}>
          <LibraryDialog
            onClose={() => setPicking(undefined)}
            choose={(card, clip) => {
              take(card);
              listAnew(queries, mediaKeys.all);
              if (!clip.captions) return;
              captionsOfClip(clip.name)
                .then((text) => edit(withCaptions(readCaptions(text).lines)))
                .catch(() => undefined);
            }}
          />
        </Suspense>
      )}
    </section>
  );
}

/** The film itself, with what moves it and what is made at the moment shown. */
function Playing(props: EditorProps & { film: Film; tell: (note?: string) => void }) {
  const { useEditor, video, sheet, film, tell } = props;
  const { edit } = useEditor.getState();
  const address = useMediaAddress();
  const element = useRef<HTMLVideoElement>(null);
  const box = useRef<HTMLDivElement>(null);
  const { at, playing, set, takeSeek } = usePlayhead();
  const [speed, setSpeed] = useState(100);
  const [real, setReal] = useState<number>();
  const [broken, setBroken] = useState(false);
  const frame = 1_000_000 / (film.rate ?? USUAL_RATE);

  useEffect(() => {
    const seek = (to: number) => {
      const moment = Math.max(0, Math.min(film.millis, to));
      if (element.current) element.current.currentTime = moment / 1000;
      set({ at: moment });
    };
    takeSeek(seek);
    seek(film.from ?? 0);
    return () => {
      takeSeek(undefined);
      set({ at: 0, playing: false });
    };
  }, [film.millis, film.from, set, takeSeek]);
  useEffect(() => {
    if (!playing) return;
    let handle = 0;
    const follow = () => {
      if (element.current) set({ at: Math.round(element.current.currentTime * 1000) });
      handle = requestAnimationFrame(follow);
    };
    follow();
    return () => cancelAnimationFrame(handle);
  }, [playing, set]);

  const go = (by: number) => {
    element.current?.pause();
    usePlayhead.getState().seek(usePlayhead.getState().at + by);
  };
  const turn = () => {
    const now = element.current;
    if (!now) return;
    if (now.paused) now.play().catch(() => setBroken(true));
    else now.pause();
  };
  const stopHere = () => sheet.addAfter();
  useSheetKeys(box, { turn, go, frame, stopHere });

  const trim = (part: Pick<Film, "from" | "to">) =>
    edit(changeVideo((now) => ({ film: now.film && { ...now.film, ...part } })));
  const takePoster = () => {
    const shown = element.current;
    if (!shown?.videoWidth) return tell(sheetWords.posterFailed);
    const canvas = document.createElement("canvas");
    canvas.width = shown.videoWidth;
    canvas.height = shown.videoHeight;
    canvas.getContext("2d")?.drawImage(shown, 0, 0);
    canvas.toBlob(
      (blob) => {
        if (!blob) return tell(sheetWords.posterFailed);
        const title = sheetWords.posterAlt(useEditor.getState().activity.titlePage.title);
        addMedium(blob, title)
          .then((card) => {
            const picture = pictureOf({ ...card, words: card.words || title });
            edit(changeVideo((now) => ({ film: now.film && { ...now.film, poster: picture } })));
            tell(sheetWords.posterTaken);
          })
          .catch((error) => tell(problemWords(error)));
      },
      "image/jpeg",
      0.85,
    );
  };
  const short = real !== undefined && film.millis - real > 1_000;
  return (
    <div ref={box} className="mt-2">
      <div className="grid gap-3 @min-[34rem]/sheet:grid-cols-[minmax(0,11fr)_minmax(0,10fr)]">
        {/* biome-ignore lint/a11y/useMediaCaption: what is said is written below */}
        <video
          ref={element}
          src={address(film.medium)}
          poster={film.poster && at === (film.from ?? 0) ? address(film.poster.medium) : undefined}
          aria-label={sheetWords.film}
          playsInline
          preload="auto"
          className="max-h-[34vh] w-full rounded-[4px] bg-[#12202a] object-contain"
          style={{ aspectRatio: film.width && film.height ? film.width / film.height : 16 / 9 }}
          onClick={turn}
          onPlay={() => set({ playing: true })}
          onPause={() => set({ playing: false })}
          onError={() => setBroken(true)}
          onSeeked={(event) => set({ at: Math.round(event.currentTarget.currentTime * 1000) })}
          onLoadedMetadata={(event) => {
            const { duration } = event.currentTarget;
            if (Number.isFinite(duration)) setReal(Math.round(duration * 1000));
            setBroken(false);
          }}
        />
        <div className="flex flex-col gap-2">
          <div className="flex flex-wrap items-center">
            <IconButton label={sheetWords.secondBack} icon={ChevronsLeft} act={() => go(-1_000)} />
            <IconButton label={sheetWords.frameBack} icon={ChevronLeft} act={() => go(-frame)} />
            <button type="button" className="btn btn-primary" onClick={turn}>
              {playing ? <Pause aria-hidden="true" /> : <Play aria-hidden="true" />}
              {playing ? sheetWords.pause : sheetWords.play}
            </button>
            <IconButton label={sheetWords.frameOn} icon={ChevronRight} act={() => go(frame)} />
            <IconButton label={sheetWords.secondOn} icon={ChevronsRight} act={() => go(1_000)} />
            <select
              aria-label={sheetWords.speed}
              className="h-11 rounded-[14px] bg-base-200 px-2"
              value={speed}
              onChange={(event) => {
                setSpeed(Number(event.target.value));
                if (element.current) {
                  element.current.playbackRate = Number(event.target.value) / 100;
                }
              }}
            >
              {Object.entries(sheetWords.speeds).map(([value, name]) => (
                <option key={value} value={value}>
                  {name}
                </option>
              ))}
            </select>
          </div>
          <div className="flex flex-wrap items-center gap-2">
            <MomentField
              label={sheetWords.at}
              value={at}
              most={film.millis}
              change={(to) => usePlayhead.getState().seek(to)}
            />
            <button type="button" className="btn btn-accent" onClick={stopHere}>
              <Clapperboard size={18} aria-hidden="true" />
              {sheetWords.stopHere} <kbd className="kbd kbd-sm">{sheetWords.stopKey}</kbd>
            </button>
          </div>
          <div className="flex flex-wrap items-center gap-1 text-sm">
            <button
              type="button"
              className="btn btn-sm h-11"
              onClick={() => trim({ from: at || undefined, to: film.to })}
            >
              {film.from === undefined ? sheetWords.begin : sheetWords.beginAt(film.from)}
            </button>
            <button
              type="button"
              className="btn btn-sm h-11"
              onClick={() => trim({ from: film.from, to: at })}
            >
              {film.to === undefined ? sheetWords.end : sheetWords.endAt(film.to)}
            </button>
            {(film.from !== undefined || film.to !== undefined) && (
              <button
                type="button"
                className="btn btn-sm btn-ghost h-11"
                onClick={() => trim({ from: undefined, to: undefined })}
              >
                {sheetWords.whole}
              </button>
            )}
            {film.width !== undefined && (
              <IconButton label={sheetWords.poster} icon={ImageDown} act={takePoster} />
            )}
          </div>
        </div>
      </div>
      <Strip useEditor={useEditor} video={video} />
      <p className="mb-2 text-sm text-soft max-sm:hidden">{sheetWords.keys}</p>
      {broken && <p role="alert">{sheetWords.cannotPlay}</p>}
      {short && (
        <p role="alert" className="flex flex-wrap items-center gap-2">
          {sheetWords.otherLength(real)}
          <button
            type="button"
            className={TOOL}
            onClick={() =>
              edit(changeVideo((now) => ({ film: now.film && { ...now.film, millis: real } })))
            }
          >
            {sheetWords.useLength}
          </button>
        </p>
      )}
    </div>
  );
}
