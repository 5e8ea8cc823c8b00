import { useCallback, useEffect, useLayoutEffect, useRef, useState } from "react";
import type { FilmScene } from "../../generated/types";
import { videoWords } from "./words";

/** So often what was watched is reported while the film plays on, in milliseconds. */
const REPORT_MILLIS = 10_000;
/** Nearer than this two moments are one. */
const SAME = 40;
/** Farther than this from where it should stand, the film is put there. */
const ASTRAY = 300;

export const JUMP = 5_000;
/** So much of the film is watched again while it waits at a stop. */
const AGAIN = 10_000;
/** What playback rates are told apart by. */
const SAME_RATE = 0.01;

interface Wants {
  scene: FilmScene;
  /** Whether the film plays now, rather than waiting at a stop. */
  open: boolean;
  /** Tells a turn of the game from the next one. */
  turn: string;
  /** Whether it plays on by itself when a turn opens it. */
  playsOn: boolean;
  /** Moves that have not arrived yet. */
  waiting: number;
  /** The fastest that it may be played, in per cent. */
  fastest: number;
  report: (from: number, to: number) => void;
}

/**
 * A film as it is played: it halts where its scene says, reports what was watched, and is where the
 * game says it is.
 */
export function useFilm(wants: Wants) {
  const { scene, open, turn, playsOn, waiting } = wants;
  const video = useRef<HTMLVideoElement>(null);
  const latest = useRef(wants);
  latest.current = wants;
  const [time, setTime] = useState(scene.place);
  const [playing, setPlaying] = useState(false);
  const [speed, setSpeed] = useState(100);
  const speedNow = useRef(speed);
  speedNow.current = speed;
  const [muted, setMuted] = useState(false);
  const [note, setNote] = useState<string>();
  const [broken, setBroken] = useState(false);
  /** Where the stretch began that has not been reported, and the last moment that was seen of it. */
  const stretch = useRef({ from: scene.place, to: scene.place });
  /** The furthest that this device has come, though the game may not know it yet. */
  const furthest = useRef(scene.place);

  /** The last moment that was reported: what the game says of the film is held against that. */
  const reported = useRef(scene.place);

  const put = useCallback((to: number) => {
    const film = video.current;
    if (film && Math.abs(film.currentTime * 1000 - to) > 1) film.currentTime = to / 1000;
    stretch.current = { from: to, to };
    setTime(to);
  }, []);

  const flush = useCallback((always = false) => {
    const { from, to } = stretch.current;
    if (to <= from && !always) return;
    stretch.current = { from: to, to };
    furthest.current = Math.max(furthest.current, to);
    reported.current = to;
    latest.current.report(from, to);
  }, []);

  const pause = useCallback(() => video.current?.pause(), []);

  /** The film has come to a moment: it goes no further than where it halts. */
  const comes = useCallback(
    (millis: number) => {
      const { scene: now, open: plays, fastest } = latest.current;
      const film = video.current;
      if (!plays) {
        // At a stop what was seen is only looked at again, and nothing of it reported.
        setTime(Math.min(millis, now.place));
        if (millis >= now.place - 1) {
          pause();
          put(now.place);
        }
        return;
      }
      if (film && film.playbackRate * 100 > fastest + SAME_RATE * 100) {
        // Something else than the page has sped it up: what came before was watched, that was not.
        flush();
        film.playbackRate = Math.min(speedNow.current, fastest) / 100;
        setNote(videoWords.usualSpeed);
        put(stretch.current.to);
        return;
      }
      const at = Math.round(Math.max(stretch.current.to, Math.min(millis, now.halt)));
      stretch.current.to = at;
      setTime(at);
      if (millis < now.halt - 1) {
        if (at - stretch.current.from >= REPORT_MILLIS) flush();
        return;
      }
      pause();
      stretch.current.to = now.halt;
      // A frame and the film's end come to the same moment: it is told once.
      if (stretch.current.from < now.halt || reported.current < now.halt) flush(true);
      put(now.halt);
    },
    [flush, pause, put],
  );

  // Every frame that is shown is looked at, so that none after a stop is.
  useEffect(() => {
    const film = video.current;
    if (!film || !playing) return;
    let handle = 0;
    // A sound has no frames to look at.
    const { sound } = latest.current.scene;
    const frames = !sound && typeof film.requestVideoFrameCallback === "function";
    const next = () => {
      handle = frames
        ? film.requestVideoFrameCallback((_, frame) => {
            comes(frame.mediaTime * 1000);
            next();
          })
        : requestAnimationFrame(() => {
            comes(film.currentTime * 1000);
            next();
          });
    };
    next();
    return () => {
      if (frames) film.cancelVideoFrameCallback(handle);
      else cancelAnimationFrame(handle);
    };
  }, [playing, comes]);

  const play = useCallback(() => {
    const film = video.current;
    const { scene: now, open: plays } = latest.current;
    if (!film || !plays) return;
    setNote(undefined);
    if (stretch.current.to >= now.halt - SAME) {
      if (now.halt >= now.shown.to) {
        if (!now.finishes) return flush(true);
        put(now.shown.from);
      } else return flush(true);
    }
    film.play().catch(() => setPlaying(false));
  }, [flush, put]);

  const seek = useCallback(
    (wanted: number) => {
      const { scene: now, open: plays } = latest.current;
      if (!plays) {
        const to = Math.round(Math.max(now.back, Math.min(wanted, now.place)));
        return now.back < now.place ? put(to) : undefined;
      }
      flush();
      const reach = Math.max(now.reach, furthest.current);
      const latestMoment = Math.min(reach, Math.max(now.halt, now.place));
      const to = Math.round(Math.max(now.back, Math.min(wanted, latestMoment)));
      const held = now.back > now.shown.from + SAME;
      if (wanted > reach + SAME) setNote(videoWords.noAhead(reach));
      else if (held && wanted < now.back - SAME) setNote(videoWords.noBack);
      else setNote(undefined);
      put(to);
      // A stop that is jumped to, or over, is met there.
      if (to >= now.halt && now.halt < now.shown.to) {
        pause();
        flush(true);
      }
    },
    [flush, pause, put],
  );

  // A turn that opens the film has it where it stands, and plays on.
  const turned = useRef<string>(undefined);
  // biome-ignore lint/correctness/useExhaustiveDependencies: once a turn
  useEffect(() => {
    const first = turned.current === undefined;
    if (turned.current === turn) return;
    turned.current = turn;
    reported.current = scene.place;
    if (!open) {
      pause();
      put(scene.place);
      return;
    }
    put(scene.place);
    if (playsOn || !first) play();
  }, [turn]);

  // Once everything has arrived, the game's word counts for where the film is.
  useEffect(() => {
    if (!open || waiting > 0 || playing) return;
    if (Math.abs(scene.place - reported.current) <= ASTRAY) return;
    if (stretch.current.to > stretch.current.from) return;
    if (scene.place < reported.current) setNote(videoWords.resynced(scene.place));
    reported.current = scene.place;
    put(scene.place);
  }, [scene.place, waiting, open, playing, put]);
  // What it refused was not watched: the film goes back to where the game knows it.
  useEffect(() => {
    if (!open || waiting > 0 || !playing) return;
    if (reported.current - scene.place <= ASTRAY) return;
    reported.current = scene.place;
    pause();
    setNote(videoWords.resynced(scene.place));
    put(scene.place);
  }, [scene.place, waiting, open, playing, pause, put]);

  useLayoutEffect(() => {
    if (video.current) video.current.playbackRate = speed / 100;
  }, [speed]);

  // Nobody watches a film that is hidden; and who leaves has what she watched kept.
  useEffect(() => {
    const hide = () => {
      if (document.hidden) pause();
      flush();
    };
    document.addEventListener("visibilitychange", hide);
    window.addEventListener("pagehide", hide);
    return () => {
      document.removeEventListener("visibilitychange", hide);
      window.removeEventListener("pagehide", hide);
    };
  }, [flush, pause]);
  useEffect(() => flush, [flush]);

  const events = {
    onPlay: () => setPlaying(true),
    onPause: () => {
      setPlaying(false);
      flush();
    },
    onTimeUpdate: () => {
      if (video.current && !video.current.seeking && playing)
        comes(video.current.currentTime * 1000);
    },
    onEnded: () => comes(latest.current.scene.shown.to),
    onError: () => setBroken(true),
    onLoadedMetadata: () => {
      setBroken(false);
      const film = video.current;
      if (film) {
        film.playbackRate = speed / 100;
        film.currentTime = stretch.current.to / 1000;
      }
    },
  };
  return {
    video,
    events,
    time,
    playing,
    speed,
    setSpeed,
    muted,
    turnSound: () => setMuted(!muted),
    play,
    pause,
    turnPlaying: () => (playing ? pause() : play()),
    /** Plays the end of what was seen once more, while the film waits at a stop; what pauses it again. */
    lookAgain: () => {
      const { scene: now } = latest.current;
      if (playing) return pause();
      if (time >= now.place - SAME) put(Math.max(now.back, now.place - AGAIN));
      video.current?.play().catch(() => setPlaying(false));
    },
    seek,
    note,
    broken,
    load: () => {
      setBroken(false);
      video.current?.load();
    },
    furthest: Math.max(scene.reach, furthest.current),
  };
}
