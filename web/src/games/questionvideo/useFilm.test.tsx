// @vitest-environment jsdom
import { act, cleanup, render } from "@testing-library/react";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import type { FilmScene } from "../../generated/types";
import { useFilm } from "./useFilm";
import { videoWords } from "./words";

const scene = {
  shown: { from: 0, to: 20_000 },
  place: 0,
  halt: 20_000,
  back: 0,
  reach: 20_000,
  finishes: true,
  sound: false,
} as unknown as FilmScene;

let film: ReturnType<typeof useFilm>;
let frame: ((now: number, seen: { mediaTime: number }) => void) | undefined;
const report = vi.fn();

/** A film of which nothing that is reported has arrived yet. */
function Film({ fastest }: { fastest: number }) {
  film = useFilm({ scene, open: true, turn: "1", playsOn: false, waiting: 1, fastest, report });
  return (
    // biome-ignore lint/a11y/useMediaCaption: nothing is played
    <video ref={film.video} {...film.events} />
  );
}

beforeEach(() => {
  report.mockClear();
  Object.assign(HTMLMediaElement.prototype, {
    play(this: HTMLVideoElement) {
      this.dispatchEvent(new Event("play"));
      return Promise.resolve();
    },
    pause(this: HTMLVideoElement) {
      this.dispatchEvent(new Event("pause"));
    },
    requestVideoFrameCallback: (next: typeof frame) => {
      frame = next;
      return 1;
    },
    cancelVideoFrameCallback: () => undefined,
  });
});
afterEach(cleanup);

const shows = (seconds: number) => act(() => frame?.(0, { mediaTime: seconds }));
const video = () => document.querySelector("video") as HTMLVideoElement;

test("a film that something else plays faster is set back, and that isn’t watched", () => {
  render(<Film fastest={125} />);
  act(() => film.play());
  shows(4);
  expect(film.time).toBe(4_000);
  video().playbackRate = 4;
  shows(12);
  expect(video().playbackRate).toBe(1);
  expect(film.note).toBe(videoWords.usualSpeed);
  expect(film.time).toBe(4_000);
  act(() => film.pause());
  expect(report.mock.calls).toEqual([[0, 4_000]]);
});

test("what the rules allow is left alone", () => {
  render(<Film fastest={200} />);
  act(() => film.play());
  video().playbackRate = 2;
  shows(4);
  expect(video().playbackRate).toBe(2);
  expect(film.time).toBe(4_000);
});

test("the end is told once, though the last frame and the end of the file both come to it", () => {
  render(<Film fastest={100} />);
  act(() => film.play());
  shows(20);
  act(() => void video().dispatchEvent(new Event("ended")));
  expect(report.mock.calls.filter(([, to]) => to === 20_000)).toHaveLength(1);
});
