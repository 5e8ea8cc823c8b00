import { addMedium } from "../api/media";
import type { MediumCard, Picture } from "../generated/types";
import type { Medium } from "../rich/words";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";
import { LARGEST_IN_PARTS, uploadInParts } from "./inParts";

/** The largest file that the server takes at once; larger ones, if they are videos, go in parts. */
const LARGEST = 20 * 1024 * 1024;

/** The endings a file dialog offers; what a file is the server finds out from its content. */
export const ACCEPTED = {
  picture: ".png,.jpg,.jpeg,.webp,.gif,.svg,image/*",
  sound: ".mp3,.m4a,.ogg,.oga,.opus,.wav,.weba,audio/*",
  video: ".mp4,.m4v,.webm,video/*",
};

/** What became of some files: those that are there now, and why others are not. */
export interface Uploaded {
  added: MediumCard[];
  refused: string[];
}

/** How a large file comes along, and what stops it. */
export interface Sending {
  /** How much of a file has arrived, in bytes; of how much. */
  progress?: (name: string, sent: number, bytes: number) => void;
  /** The connection is broken, and is tried again by itself. */
  waits?: (name: string) => void;
  signal?: AbortSignal;
}

/** Adds files one after another; each that is refused says why, and the others go on. */
export async function upload(
  files: Iterable<File>,
  millis?: number,
  sending?: Sending,
): Promise<Uploaded> {
  const result: Uploaded = { added: [], refused: [] };
  for (const file of files) {
    try {
      if (file.size > LARGEST_IN_PARTS) {
        throw new Error(words.media.tooLarge(LARGEST_IN_PARTS / 1024 / 1024));
      }
      const card =
        file.size > LARGEST
          ? await uploadInParts(file, sending)
          : await addMedium(file, file.name, millis ?? (await lengthOf(file)));
      result.added.push(card);
    } catch (error) {
      if (sending?.signal?.aborted) break;
      const why = error instanceof Error && error.message ? error.message : problemWords(error);
      result.refused.push(words.media.refused(file.name, why));
    }
  }
  return result;
}

/** How long a sound is, in milliseconds, as far as the browser can tell. */
function lengthOf(file: File): Promise<number | undefined> {
  if (!file.type.startsWith("audio/")) return Promise.resolve(undefined);
  return new Promise((resolve) => {
    const audio = new Audio();
    const address = URL.createObjectURL(file);
    const done = (millis?: number) => {
      URL.revokeObjectURL(address);
      resolve(millis);
    };
    audio.onloadedmetadata = () =>
      done(Number.isFinite(audio.duration) ? Math.round(audio.duration * 1000) : undefined);
    audio.onerror = () => done();
    audio.preload = "metadata";
    audio.src = address;
  });
}

/** A picture as an activity is about it, with its shape, which a drawing has, too. */
export function pictureOf(card: MediumCard): Picture | undefined {
  const { kind, medium, words: alt, width, height } = card;
  return kind === "picture" ? { kind, medium, alt, width, height } : undefined;
}

/** A medium as it stands among words. */
export function blockOf(card: MediumCard): Medium {
  const { medium, words: said, width, height, millis } = card;
  if (card.kind === "sound") return { kind: "sound", medium, words: said, millis };
  // A drawing is sharp at any size.
  const drawn = card.type === "image/svg+xml";
  return { kind: "picture", medium, alt: said, ...(!drawn && { width, height }) };
}
