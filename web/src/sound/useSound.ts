import { useCallback, useEffect, useRef } from "react";
import { create } from "zustand";
import type { HappeningUnion, Showing } from "../generated/types";
import { type MediaAddress, mediumAddress } from "../rich/media";
import { endOf } from "../stage/clock";
import { type Effect, effectOf, playEffect } from "./effects";

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
  const heard = useRef(false);
  const before = useRef(showing);
  useEffect(() => {
    const up = before.current && ranOut(before.current, showing);
    before.current = showing;
    if (!up) return;
    heard.current = true;
    if (on && !off) playEffect(up);
  }, [showing, on, off]);
  return useCallback(
    (happenings) => {
      // That the time ran out was heard when it did, not with the move that came next.
      const late = heard.current && happenings.some(({ kind }) => kind === "time-ran-out");
      heard.current = heard.current && !late;
      const effect = effectOf(late ? happenings.filter(isOfTheMove) : happenings);
      if (on && !off && effect) playEffect(effect);
    },
    [on, off],
  );
}

const isOfTheMove = (one: HappeningUnion) =>
  !["lost", "won", "tied"].includes(one.kind) &&
  !(one.kind === "answer-marked" && one.verdict === "missed");

/** What is heard where the clock has come to its end, and the game is seen to have gone on by that. */
export function ranOut(before: Showing, now?: Showing): Effect | undefined {
  const end = endOf(before);
  if (end === undefined || Date.now() < end || !now) return undefined;
  if (now.ending?.outcome.ended === "time" && !before.ending) {
    return now.ending.outcome.won ? "win" : "lose";
  }
  return now.feedback?.verdict === "missed" && !before.feedback ? "wrong" : undefined;
}
