import { plural } from "../../words/format";
import { momentWords } from "./moments";

/** What is read while a question video is played. */
export const videoWords = {
  facts: (length: number, stops: number) =>
    `A film of ${momentWords(length)}${stops > 0 ? `, with ${plural(stops, "stop")}` : ""}.`,
  factsShare: (needed: number) =>
    needed >= 100 ? "Watch all of it." : `Watch at least ${needed}% of it.`,
  watch: "Watch, and answer where it stops.",
  film: "The film",
  play: "Play",
  goOn: "Go on",
  pause: "Pause",
  back: "Back five seconds",
  position: "Where the film is",
  at: (place: number, length: number) => `${momentWords(place)} of ${momentWords(length)}`,
  speed: "Speed",
  speedOf: (speed: number) => (speed === 100 ? "usual speed" : `${speed / 100} ×`),
  captionsOf: { off: "off", small: "small", medium: "medium", large: "large" },
  captionsNow: (size: string) => `Captions: ${size}`,
  mute: "Sound off",
  unmute: "Sound on",
  full: "Full screen",
  leaveFull: "Leave full screen",
  noAhead: (reach: number) =>
    `You have seen it up to ${momentWords(reach)}. What comes next can’t be skipped.`,
  noBack: "You can’t go back in this film.",
  usualSpeed: "This film can’t be played faster than that. It carries on at the speed that is set.",
  read: "read",
  lookAgain: "Watch the last 10 seconds again",
  resynced: (place: number) => `The film carries on from ${momentWords(place)}.`,
  stop: (n: number, at: number, how: string) => `Stop ${n} at ${momentWords(at)}: ${how}`,
  stops: "Stops",
  watched: (share: number) => `${share}% watched`,
  skip: "Skip this question",
  over: "That was the film.",
  notEnough: (share: number, needed: number) =>
    `You have watched ${share}% of it; ${needed}% is needed. The parts you haven’t seen are blank below.`,
  again: "Watch again",
  finish: "Finish",
  finishAnyway: "Finish anyway",
  broken: "The film can’t be played. Check the network, then try again.",
  tryAgain: "Try again",
  unwatched: (share: number) => `Not this time — ${share}% watched`,
  won: (points: number) => `${plural(points, "point")}.`,
  needed: (share: number, needed: number, right?: number) =>
    share < needed
      ? `${needed}% of the film has to be watched.`
      : right === undefined
        ? "Have another go."
        : `It takes ${right} right to win.`,
};
