import {
  Captions,
  CaptionsOff,
  Maximize,
  Minimize,
  Pause,
  Play,
  RotateCcw,
  Volume2,
  VolumeX,
} from "lucide-react";
import { type ReactNode, useEffect, useRef, useState } from "react";
import type { FilmScene } from "../../generated/types";
import { useMediaAddress } from "../../rich/media";
import { PLAYS } from "../../stage/boardKeys";
import { StageTool } from "../../stage/StageTool";
import type { StageProps } from "../../stage/stage";
import { useCaptions } from "./captions";
import { FilmString } from "./FilmString";
import { JUMP, useFilm } from "./useFilm";
import { videoWords } from "./words";

const SPEEDS = [75, 100, 125, 150, 175, 200];
const FASTEST = 200;

interface FilmProps extends StageProps {
  scene: FilmScene;
  /** Whether it plays on by itself: not where a page has just been opened. */
  playsOn: boolean;
  /** What is said where the film is over and not finished; with what plays it again. */
  over: (again: () => void) => ReactNode;
}

/** The film with its captions, its string and what it is played with. */
export function FilmView(props: FilmProps) {
  const { scene, showing, act, playsOn, aloud, over } = props;
  const address = useMediaAddress();
  const open = showing.stage === "board";
  const film = useFilm({
    scene,
    open,
    turn: `${showing.stage} ${showing.question?.id ?? ""} ${showing.score.mistakes}`,
    playsOn,
    waiting: props.waiting ?? 0,
    fastest: aloud ? FASTEST : scene.fastest,
    report: (from, to) => act({ kind: "watch", from, to }),
  });
  const ended = open && scene.finishes && !film.playing && scene.place >= scene.shown.to;
  useFilmKeys(open && !aloud, film.turnPlaying, (by) => film.seek(film.time + by));
  return (
    <section
      className="film"
      data-asking={!open}
      data-sound={scene.sound}
      aria-label={videoWords.film}
    >
      <div className="film-window" style={{ "--ratio": scene.ratio / 1000 } as React.CSSProperties}>
        <video
          ref={film.video}
          className="film-picture"
          src={address(scene.medium)}
          poster={scene.poster && address(scene.poster.medium)}
          aria-label={scene.poster?.alt || videoWords.film}
          preload="auto"
          playsInline
          muted={film.muted || showing.sounds?.off}
          disablePictureInPicture
          onClick={open ? film.turnPlaying : undefined}
          {...film.events}
        />
        {open && !film.playing && !ended && !film.broken && (
          <button
            type="button"
            className="film-start"
            onClick={film.play}
            tabIndex={-1}
            aria-hidden="true"
          >
            <Play size={56} strokeWidth={1.6} />
          </button>
        )}
        {film.broken && (
          <div className="film-cover" role="alert">
            <p>{videoWords.broken}</p>
            <button type="button" className="btn btn-primary" onClick={film.load}>
              {videoWords.tryAgain}
            </button>
          </div>
        )}
        {ended && <div className="film-cover">{over(film.play)}</div>}
        <Said scene={scene} time={film.time} />
      </div>
      <FilmString scene={scene} showing={showing} time={film.time} still={!open} seek={film.seek} />
      {open && <Tools {...props} film={film} />}
      {!open && scene.back < scene.place && (
        <div className="film-tools">
          <button type="button" className="btn btn-outline" onClick={film.lookAgain}>
            {film.playing ? <Pause aria-hidden="true" /> : <RotateCcw aria-hidden="true" />}
            {film.playing ? videoWords.pause : videoWords.lookAgain}
          </button>
        </div>
      )}
      <p role="status" className="film-note">
        {film.note}
      </p>
    </section>
  );
}

type Film = ReturnType<typeof useFilm>;

/** What the film is played with. */
function Tools(props: FilmProps & { film: Film }) {
  const { scene, film, aloud, takesFocus } = props;
  const captions = useCaptions();
  const start = useRef<HTMLButtonElement>(null);
  const [full, setFull] = useState(false);
  useEffect(() => {
    const changed = () => setFull(document.fullscreenElement !== null);
    changed();
    document.addEventListener("fullscreenchange", changed);
    return () => document.removeEventListener("fullscreenchange", changed);
  }, []);
  useEffect(() => {
    if (takesFocus) start.current?.focus({ preventScroll: true });
  }, [takesFocus]);
  const turnFull = () => {
    // The whole page: what the film stops for fills the screen as well.
    const done = full ? document.exitFullscreen() : document.documentElement.requestFullscreen?.();
    done?.catch(() => undefined);
  };
  const speeds = SPEEDS.filter((speed) => speed <= (aloud ? FASTEST : scene.fastest));
  const { shown } = scene;
  return (
    <div className="film-tools">
      <button
        ref={start}
        type="button"
        className="btn btn-primary"
        {...PLAYS}
        onClick={film.turnPlaying}
      >
        {film.playing ? <Pause aria-hidden="true" /> : <Play aria-hidden="true" />}
        {film.playing
          ? videoWords.pause
          : scene.place > shown.from
            ? videoWords.goOn
            : videoWords.play}
      </button>
      <StageTool
        label={videoWords.back}
        icon={<RotateCcw aria-hidden="true" />}
        disabled={film.time - scene.back < 100}
        act={() => film.seek(film.time - JUMP)}
      />
      <span className="film-time">{videoWords.at(film.time, shown.to)}</span>
      <label className="film-speed">
        <span className="sr-only">{videoWords.speed}</span>
        <select
          value={film.speed}
          onChange={(event) => film.setSpeed(Number(event.target.value))}
          className="h-11 rounded-[14px] border-2 border-line bg-card px-2"
        >
          {speeds.map((speed) => (
            <option key={speed} value={speed}>
              {videoWords.speedOf(speed)}
            </option>
          ))}
        </select>
      </label>
      {scene.captions.length > 0 && (
        <button type="button" className="btn btn-outline" onClick={captions.turn}>
          {captions.size === "off" ? (
            <CaptionsOff aria-hidden="true" />
          ) : (
            <Captions aria-hidden="true" />
          )}
          {videoWords.captionsNow(videoWords.captionsOf[captions.size])}
        </button>
      )}
      <StageTool
        label={film.muted ? videoWords.unmute : videoWords.mute}
        icon={film.muted ? <VolumeX aria-hidden="true" /> : <Volume2 aria-hidden="true" />}
        act={film.turnSound}
      />
      {document.fullscreenEnabled && !aloud && (
        <StageTool
          label={full ? videoWords.leaveFull : videoWords.full}
          icon={full ? <Minimize aria-hidden="true" /> : <Maximize aria-hidden="true" />}
          act={turnFull}
        />
      )}
      {!film.playing && <span className="film-share">{videoWords.watched(scene.share)}</span>}
    </div>
  );
}

/** What is being said. */
function Said({ scene, time }: { scene: FilmScene; time: number }) {
  const { size } = useCaptions();
  const now = scene.captions.filter(({ from, to }) => from <= time && time < to);
  if (size === "off" || now.length === 0) return null;
  return (
    <p className="film-said" data-size={size}>
      {now.map(({ from, to, text }) => (
        <span key={`${from} ${to} ${text}`} className="whitespace-pre-line">
          {text}
        </span>
      ))}
    </p>
  );
}

/** Space plays and pauses, arrows go back and on, wherever nothing else means them. */
function useFilmKeys(on: boolean, turnPlaying: () => void, go: (by: number) => void) {
  const latest = useRef({ turnPlaying, go });
  latest.current = { turnPlaying, go };
  useEffect(() => {
    if (!on) return;
    const listen = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
      const target = event.target instanceof Element ? event.target : undefined;
      if (target?.closest("input, textarea, select, dialog, [contenteditable=true]")) return;
      const by = { ArrowLeft: -JUMP, ArrowRight: JUMP }[event.key];
      if (by !== undefined) latest.current.go(by);
      else if (event.key === " " && !target?.closest("button, a")) latest.current.turnPlaying();
      else return;
      event.preventDefault();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, [on]);
}
