import { useCallback, useEffect } from "react";
import { create } from "zustand";
import type { HappeningUnion, Showing } from "../generated/types";
import { type MediaAddress, mediumAddress } from "../rich/media";
import { effectOf, playEffect } from "./effects";

const STORED = "bravium.sound";
const SOFT = 0.25;
const UNDER_SPEECH = 0.05;
const FADE_STEP = 0.02;
const FADE_MILLIS = 30;

interface Sound {
  on: boolean;
  turn: () => void;
}

/** Whether this device makes sounds: the teacher's or the learner's choice, remembered. */
export const useSoundSwitch = create<Sound>((set) => ({
  on: localStorage.getItem(STORED) !== "off",
  turn: () =>
    set(({ on }) => {
      localStorage.setItem(STORED, on ? "off" : "on");
      return { on: !on };
    }),
}));

/** Plays what is heard of a game: its own sounds, and the music behind it. */
export function useSound(
  showing: Showing | undefined,
  address: MediaAddress = mediumAddress,
): (happenings: HappeningUnion[]) => void {
  const on = useSoundSwitch((sound) => sound.on);
  const off = showing?.sounds?.off === true;
  const music = showing?.sounds?.music?.medium;
  const plays = on && music !== undefined && showing?.stage !== "title";
  useEffect(() => {
    if (!plays || music === undefined) return;
    const audio = new Audio(address(music));
    audio.loop = true;
    audio.volume = SOFT;
    audio.play().catch(() => undefined);
    // Speech comes first: music fades under reading aloud and under other sounds that play.
    const timer = setInterval(() => {
      const speaks =
        document.querySelector("[data-read-aloud][aria-pressed=true]") !== null ||
        [...document.querySelectorAll("audio")].some((other) => !other.paused);
      const aim = speaks ? UNDER_SPEECH : SOFT;
      const by = Math.max(-FADE_STEP, Math.min(FADE_STEP, aim - audio.volume));
      audio.volume = Math.max(0, Math.min(1, audio.volume + by));
    }, FADE_MILLIS);
    return () => {
      clearInterval(timer);
      audio.pause();
      audio.removeAttribute("src");
    };
  }, [plays, music, address]);
  return useCallback(
    (happenings) => {
      const effect = effectOf(happenings);
      if (on && !off && effect) playEffect(effect);
    },
    [on, off],
  );
}
