import type { MediaKind, MediaList, MediumCard } from "../generated/types";
import { clockTime, day, formOf, plural, time } from "./format";

/** The words of Media, and of pictures and sounds wherever they stand. */

const KB = 1024;

function size(bytes: number): string {
  if (bytes < KB * KB) return `${Math.ceil(bytes / KB)} KB`;
  const mb = bytes / KB / KB;
  return mb < KB ? `${mb.toFixed(mb < 10 ? 1 : 0)} MB` : `${Number((mb / KB).toFixed(1))} GB`;
}

const THING: Record<MediaKind, string> = { picture: "picture", sound: "sound", video: "video" };

export const media = {
  media: {
    stop: "Stop",
    search: "Find by name or description",
    kind: "What to show",
    kinds: { all: "All", picture: "Pictures", sound: "Sounds", video: "Videos" },
    add: "Add files",
    adding: (n: number) => `Adding ${plural(n, "file")} …`,
    record: "Record a sound",
    dropHere: "You can also drop files here, or paste a picture.",
    empty: (kind?: MediaKind) =>
      kind
        ? `There is no ${THING[kind]} here yet. Add one, or drop it here.`
        : "Nothing is here yet. Add pictures, sounds and videos, drop them here, or paste a picture.",
    noneFound: "Nothing matches that.",
    aPicture: "Choose a picture",
    otherPicture: "Another picture",
    leaveOut: "Remove",
    showRemoved: (n: number) => `Bin (${n})`,
    showThere: "Back to all",
    removedTitle: "Bin",
    removedText: "What you deleted in the last 30 days. Press one to restore it.",
    noneRemoved: "The bin is empty.",
    bringBack: "Restore",
    larger: "Larger",
    onlyFirst: (n: number) =>
      `There is room for one picture here. The first of the ${n} files was used, the others were not.`,
    choose: { picture: "Choose a picture", sound: "Choose a sound", video: "Choose a video" },
    otherKind: (title: string, kind: MediaKind) =>
      `“${title}” is in Media now, but it isn’t a ${THING[kind]}.`,
    facts: ({ width, height, millis, bytes }: MediumCard): string =>
      [
        width && height ? `${width} × ${height}` : "",
        millis ? clockTime(millis / 1000) : "",
        size(bytes),
      ]
        .filter(Boolean)
        .join(" · "),
    undescribed: {
      picture: "not described yet",
      sound: "not written out yet",
      video: "not described yet",
    },
    title: "Name",
    wordsOf: { picture: "What it shows", sound: "What is heard", video: "What it shows" },
    wordsHint: {
      picture: "For those who can’t see it. It goes with the picture wherever you put it.",
      sound: "For those who can’t hear it. It goes with the sound wherever you put it.",
      video: "To help you find it again. Captions are written on the sheet of its activity.",
    },
    usedIn: (n: number) =>
      n === 0 ? "Not used yet" : `Used in ${plural(n, "activity", "activities")}`,
    used: ({ used, most, usedByVideos, mostForVideos }: MediaList) =>
      usedByVideos > 0
        ? `${size(used)} of ${size(most)} used, ${size(usedByVideos)} of ${size(mostForVideos)} by videos`
        : `${size(used)} of ${size(most)} used`,
    coming: (name: string, sent: number, bytes: number) =>
      `${name}: ${size(sent)} of ${size(bytes)} uploaded`,
    comingWaits: "The connection was lost. What has arrived is kept; it carries on by itself.",
    comingStop: "Stop",
    library: "Video library",
    librarySearch: "Find in the library",
    libraryNone: "The library has nothing that matches that.",
    libraryTake: "Use this film",
    libraryTaking: "Adding it …",
    libraryPreview: (title: string) => `Preview of ${title}`,
    libraryCaptions: "with captions",
    done: "Done",
    download: "Download",
    remove: "Delete",
    removeAnyway: "Delete it anyway",
    removeUsed: (kind: MediaKind, n: number) =>
      `This ${THING[kind]} is used in ${plural(n, "activity", "activities")}. Its description will be shown there instead.`,
    removed: (title: string) => `“${title}” is in the bin. You can restore it for 30 days.`,
    broughtBack: (title: string) => `“${title}” is back.`,
    added: (n: number) => `${plural(n, "file")} added.`,
    tooLarge: (most: number) => `It is larger than ${most} MB. Make it smaller.`,
    refused: (name: string, why: string) => `“${name}” was not added. ${why}`,
    start: "Start recording",
    recordAgain: "Record again",
    isRecording: "Recording",
    level: "How loud it is",
    keep: "Keep this sound",
    recordingTitle: (at: Date) => `Recording, ${day(at)} ${time(at)}`,
    cannotRecord:
      "This browser can’t record here. It only does so over a secure connection (an address that begins with https://, or localhost). You can add a sound file instead.",
    noMicrophone:
      "The microphone could not be used. Allow it in the browser’s address bar, or plug one in, then try again.",
  },

  /** Words with more in them than text. */
  rich: {
    has: { picture: "with a picture", sound: "with a sound" },
    format: "Format, pictures, sounds",
    toolbar: "Format",
    bold: "Bold",
    italic: "Italics",
    sub: "Subscript",
    sup: "Superscript",
    bullets: "List",
    numbers: "Numbered list",
    link: "Link",
    formula: "Formula",
    picture: "Picture",
    sound: "Sound",
    alt: "What it shows",
    said: "What is heard",
    remove: { picture: "Remove the picture", sound: "Remove the sound" },
    linkTo: "Where it leads",
    linkHint: "An address that begins with https://, http:// or mailto:",
    linkWrong: "This isn’t an address. It begins with https://, http:// or mailto:.",
    linkSet: "Set the link",
    linkRemove: "Remove the link",
    tex: "Formula in TeX",
    texHint: "For instance: \\frac{1}{2}, x^2, \\sqrt{9}, 3 \\times 4",
    parts: {
      fraction: { name: "Fraction", first: "Above the line", second: "Below the line" },
      power: { name: "Power", first: "Base", second: "Exponent" },
      root: { name: "Root", first: "Root of", second: "Which root, if not the square root" },
      index: { name: "Index", first: "Letter", second: "Index" },
    },
    putIn: "Insert",
    missing: {
      unknown: (name: string) => `“${name}” is not known here.`,
      after: (sign: string) => `After “${sign}” something is missing.`,
      sign: (sign: string) => `“${sign}” is missing at its end.`,
      extra: (sign: string) => `“${sign}” is one too many.`,
      other: "Something in it can’t be read yet.",
    },
    texResult: "How it looks",
    texSet: "Insert",
    texRemove: "Remove",
    leftOut: (n: number) =>
      `${plural(n, "picture")} could not be added: only ${formOf(n, "its address was", "their addresses were")} pasted. Copy a picture by itself, or add its file.`,
  },
};
