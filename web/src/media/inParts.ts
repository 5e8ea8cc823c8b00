import { worthTryingAgain } from "../api/client";
import { beginUpload, finishUpload, readUpload, sendPart } from "../api/media";
import type { MediumCard, UploadCard } from "../generated/types";
import type { Sending } from "./upload";

/** The largest file that comes in parts; the server says so itself for what slips through. */
export const LARGEST_IN_PARTS = 1024 * 1024 * 1024;

const AGAIN_MILLIS = 2_500;

const pause = (millis: number) => new Promise((done) => setTimeout(done, millis));

/**
 * Sends a large file part by part. Where the connection breaks it goes on from what has arrived, as
 * soon as there is one again; chosen again after a reload, the same file goes on, too.
 */
export async function uploadInParts(file: File, sending: Sending = {}): Promise<MediumCard> {
  const { progress, waits, signal } = sending;
  let card = await again(() => beginUpload(file.name, file.size));
  while (card.received < card.bytes) {
    progress?.(file.name, card.received, card.bytes);
    const { id, received, part } = card;
    card = await again(
      () => sendPart(id, received, file.slice(received, received + part), signal),
      () => readUpload(id),
    );
  }
  progress?.(file.name, card.received, card.bytes);
  return await finishUpload(card.id);

  /** What was sent may have arrived in part: before it is sent anew the server is asked. */
  async function again(
    send: () => Promise<UploadCard>,
    ask: () => Promise<UploadCard> = send,
  ): Promise<UploadCard> {
    let next = send;
    for (;;) {
      signal?.throwIfAborted();
      try {
        return await next();
      } catch (error) {
        if (signal?.aborted || !worthTryingAgain(error)) throw error;
        waits?.(file.name);
        await pause(AGAIN_MILLIS);
        next = ask;
      }
    }
  }
}
