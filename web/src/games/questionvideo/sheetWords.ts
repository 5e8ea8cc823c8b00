import type { Why } from "../../generated/types";
import { plural } from "../../words/format";
import { momentWords } from "./moments";

/** What the teacher reads while she writes a question video. */
export const sheetWords = {
  sheet: (stops: number) => `Script — ${plural(stops, "stop")}`,
  film: "The film",
  first:
    "Choose a film from Media, take one from the library, or drop one here: a video as MP4 or WebM, or a sound with a picture to look at.",
  blankHow: "Choose a film, make a stop with a question, and the game starts here.",
  choose: "Choose a video",
  other: "Another video",
  sound: "A sound",
  picture: "Its picture",
  library: "Video library",
  unknownLength: (title: string) =>
    `How long “${title}” is can’t be read from it, so stops have no place in it. Save it anew as MP4 or WebM.`,
  otherLength: (real: number) =>
    `This film says that it lasts longer than it does: it ends at ${momentWords(real)}.`,
  useLength: "Use its real length",
  cannotPlay: "This browser can’t play this film.",
  play: "Play",
  pause: "Pause",
  frameBack: "One frame back",
  frameOn: "One frame on",
  secondBack: "One second back",
  secondOn: "One second on",
  speed: "Speed of the film here",
  speeds: { 50: "½ ×", 100: "1 ×", 150: "1½ ×", 200: "2 ×" } as Record<number, string>,
  at: "Moment shown",
  stopHere: "Stop here",
  stopKey: "S",
  keys: "Space plays and pauses, ← and → go by a frame, with Shift by a second. On a stop they move it.",
  begin: "Start here",
  beginAt: (at: number) => `starts at ${momentWords(at, true)}`,
  end: "End here",
  endAt: (at: number) => `ends at ${momentWords(at, true)}`,
  whole: "Show all of it",
  poster: "Use this picture as its cover",
  posterTaken: "This picture is its cover now.",
  posterFailed: "This picture could not be taken.",
  posterAlt: (title: string) => `A picture from ${title || "the film"}`,
  strip: "The film as a strip, with its stops",
  stripStop: (n: number, at: number) => `Stop ${n} at ${momentWords(at, true)}`,
  lineAt: "Starts at",
  lineTo: "Ends at",
  lineSaid: "said",
  lineSeen: "seen",
  lineKind: "Whether it is said or seen",
  lineText: (at: number) => `What is said or seen at ${momentWords(at)}`,
  saidPlaceholder: "what is said",
  seenPlaceholder: "what is to be seen (your own note)",
  addSaid: "A line that is said",
  addSeen: "A note of what is seen",
  removeLine: "Remove this line",
  stop: "Stop",
  stopAt: (n: number) => `Moment of stop ${n}`,
  noMoment: "no moment yet",
  hereNow: "Put it here",
  outside: "outside the part that is shown",
  wrong: "A wrong answer",
  wrongLabel: "What a wrong answer does",
  wrongs: { on: "asks again, or goes on.", back: "leads back to" },
  backTo: "Where a wrong answer leads back to",
  captionsIn: "Captions from a file",
  captionsOut: "Save the captions",
  chaptersOut: "Save the stops as chapters",
  captionsTaken: (n: number) => `${plural(n, "caption")} taken.`,
  captionsAsk: "Replace the captions?",
  captionsAskText: (there: number, fresh: number) =>
    `This film has ${plural(there, "caption")} already. The file has ${fresh}; they would take the place of those that are there. Undo brings them back.`,
  captionsReplace: "Replace them",
  captionsKeep: "Keep those that are there",
  captionsKept: "The captions are as they were.",
  captionsNone: "There are no captions in this file. WebVTT and SRT are read. Nothing was changed.",
  captionsTooLarge: "This file is too large to be captions. Nothing was changed.",
  captionsOver: (line: number, why: Why) => `Line ${line} was left out: ${WHY[why]}.`,
  notMoment: "That is no moment of a film. Write it as 1:05 or 1:05.2.",
  rules: {
    learners: "They",
    backLabel: "Whether learners may go back",
    back: { yes: "can go back", no: "can’t go back" },
    aheadLabel: "Whether learners may skip ahead",
    ahead: { yes: "can skip ahead (no stop is missed)", no: "can’t skip ahead" },
    skipLabel: "Whether learners may skip questions",
    skip: { yes: "and can skip questions.", no: "and answer every question." },
    speed: "They can watch",
    speedLabel: "How fast learners may watch",
    speeds: {
      100: "at the usual speed",
      125: "up to 1¼ times as fast",
      150: "up to 1½ times as fast",
      175: "up to 1¾ times as fast",
      200: "up to twice as fast",
    } as Record<string, string>,
    watch: "Learners",
    shareBefore: "watch at least",
    shareLabel: "How much of it must be watched, in per cent",
    shareAfter: "% of it.",
    going: "while it plays. They",
    over: "while they watch; once it is over, it",
    againLabel: "What comes once it is over",
    again: { no: "ends.", yes: "can be watched again before they finish." },
    stops: "Its stops",
    stopsLabel: "Which stops learners see",
    pennants: { all: "show from the start.", met: "show once they are reached." },
    worth: "Each question is worth",
    wins: (right: number, of: number) => (of > 0 ? ` — that is ${right} of ${of} right.` : "."),
    passes: (right: number, of: number) => `${right} of ${of} right`,
  },
};

const WHY: Record<Why, string> = {
  "ends-early": "it ends before it starts",
  "too-late": "it lies beyond a day",
  "too-long": "its text is too long",
  "too-many": "there are too many",
};

/** What readiness finds in a question video alone. */
export const videoFindings: Record<string, (values: string[]) => string> = {
  "video-no-film": () => "There is no film yet.",
  "video-nothing-shown": () => "Its start and its end leave nothing of the film to show.",
  "video-no-captions": () =>
    "There are no captions, so anyone who can’t hear it misses what is said.",
  "video-no-moment": () => "This question has no moment in the film, so it is never asked.",
  "video-outside": () => "This stop lies outside the part of the film that is shown.",
  "video-near": ([seconds, least]) =>
    `This stop comes ${seconds} seconds after the one before. With less than ${least} seconds between them nobody sees what comes between.`,
  "video-leads-on": () => "A wrong answer leads to this stop or behind it, not back.",
  "video-one-go": () =>
    "A wrong answer leads back, but there is one go only: what is watched again isn’t asked again.",
  "video-long-card": ([seconds, most]) =>
    `Reading this takes about ${seconds} seconds at this age. More than ${most} is long while a film waits.`,
  "video-clock": ([film, clock]) =>
    `The film alone lasts ${film} seconds, and the clock of the game ends it after ${clock}.`,
  "video-long-film": ([minutes, most]) =>
    `The film lasts ${minutes} minutes. With its stops that is more than the ${most} that a lesson has.`,
};

/** What is done about it. */
export const videoMends: Record<string, (values: string[]) => string> = {
  "video-nothing-shown": () => "Show all of it",
  "video-no-moment": () => "Put it at the end of the film",
  "video-outside": () => "Move it to the nearest moment that is shown",
  "video-near": () => "Ask it at the same moment as the one before",
  "video-leads-on": () => "Ask again without leading back",
};
