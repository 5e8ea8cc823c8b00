import { boards } from "./boards";
import { yearName } from "./format";
import { joining } from "./join";
import { playing } from "./playing";

/** What a learner reads, and whoever plays: it is loaded first, and the teacher's words are not. */
export const words = {
  ...joining,
  name: "Bravium",
  loading: "One moment …",
  close: "Close",
  cancel: "Cancel",
  tryAgain: "Try again",
  offline: "The server can’t be reached. Check the network, then try again.",
  numbers: {
    range: (least: number, most: number) => `From ${least} to ${most}.`,
    outOfRange: (typed: number, least: number, most: number, now: number) =>
      `${typed} is out of range: it can be from ${least} to ${most}. It is ${now} now.`,
  },
  look: { toNight: "Dark look", toDay: "Light look" },
  notFound: {
    title: "There is nothing here",
    text: "There may be a typing mistake in the address, or what was here has been removed.",
    back: "Back to the start",
    leads: "Back",
  },
  crash: {
    title: "This page has stopped",
    text: "Something in it did not work. What was saved is safe. Reload to go on.",
    reload: "Reload",
  },
  stageStopped: {
    title: "The game can’t be shown just now",
    text: "Something went wrong while it was drawn. What was played is kept, and the game goes on: show it again, or go to the next question.",
    again: "Show it again",
  },
  play: {
    codeTitle: "Type the code from the board",
    codeLabel: "Code",
    codeHint: "Six letters and digits. Capitals don’t matter.",
    go: "Go",
    notYet: "There is nothing to play here yet. Ask your teacher, then try again.",
    noConnection: "No connection. Your answer is safe here and will be sent by itself.",
    goneOn: "The game had already moved on, perhaps in another tab. This is where it is now.",
    timeWasUp: "Time was up before this arrived, so it doesn’t count.",
    endsIn: (left: string) => `Closes in ${left}. What you have here then is handed in.`,
    endsNow: "Time’s up. One moment …",
    otherCode: "Another code",
    number: (n: number) => `You are learner ${n}.`,
    isYou: (n: number) => `Is this you? Learner ${n}`,
    isYouAtAll: "Is this you?",
    isYouHow: "Somebody has played this on this device before.",
    somebodyElse: "I’m someone else",
  },
  year: yearName,
  untitled: "No title yet",
  unknownGame: "Comes from a newer version; it can’t be played here.",
  learner: (n: number) => `Learner ${n}`,
  sound: {
    on: "Sound is on",
    off: "Sound is off",
  },
  medium: {
    pictureMissing: (alt: string) => (alt ? `Picture: ${alt}` : "There should be a picture here."),
    soundMissing: (said: string) => (said ? `Sound: ${said}` : "There should be a sound here."),
    stop: "Stop",
    listen: "Listen",
    readIt: "Read it",
  },

  ...playing,
  ...boards,
};
