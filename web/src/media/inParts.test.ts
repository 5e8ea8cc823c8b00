import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { uploadInParts } from "./inParts";

const PART = 10;

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal("document", { cookie: "" });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

/** A server to which the network breaks at some calls; half of what is sent then arrives. */
function server(bytes: number, breaksAt: number[]) {
  let came = "";
  let calls = 0;
  const card = () => ({ id: "up", title: "film.mp4", bytes, received: came.length, part: PART });
  const answer = (body: unknown, status = 200) =>
    new Response(JSON.stringify(body), { status, headers: { "Content-Type": "application/json" } });
  const fetching = vi.fn(async (path: string, init: RequestInit) => {
    const breaks = breaksAt.includes(calls++);
    if (init.method === "PUT") {
      const from = Number(new URL(path, "http://here").searchParams.get("from"));
      const text = await (init.body as Blob).text();
      if (from !== came.length)
        return answer({ reason: "upload-place", detail: "Elsewhere." }, 409);
      came += breaks ? text.slice(0, text.length / 2) : text;
    }
    if (breaks) throw new TypeError("the network is away");
    return path.endsWith("/medium") ? answer({ medium: "m", kind: "video" }, 201) : answer(card());
  });
  vi.stubGlobal("fetch", fetching);
  return { came: () => came };
}

const file = (text: string) => new File([text], "film.mp4");

const TEXT = "abcdefghijklmnopqrstuvwxyzabcdefghi";

async function done<T>(promise: Promise<T>): Promise<T> {
  await vi.advanceTimersByTimeAsync(60_000);
  return promise;
}

test("a file comes part by part, and says how much of it is there", async () => {
  const { came } = server(TEXT.length, []);
  const progress = vi.fn();

  const card = await done(uploadInParts(file(TEXT), { progress }));

  expect(came()).toBe(TEXT);
  expect(card.medium).toBe("m");
  expect(progress.mock.calls.map(([, sent]) => sent)).toEqual([0, 10, 20, 30, 35]);
});

test("where the network breaks within a part, it goes on with what has arrived of it", async () => {
  const { came } = server(TEXT.length, [0, 2, 4, 5]);
  const waits = vi.fn();

  await done(uploadInParts(file(TEXT), { waits }));

  expect(came()).toBe(TEXT);
  expect(waits).toHaveBeenCalledTimes(4);
});

test("who stops it is asked nothing more", async () => {
  const { came } = server(TEXT.length, []);
  const stops = new AbortController();

  const sent = uploadInParts(file(TEXT), {
    signal: stops.signal,
    progress: (_, there) => there >= 20 && stops.abort(),
  }).catch((error) => error);
  const error = await done(sent);

  expect(error).toBeInstanceOf(Error);
  expect(came().length).toBeLessThan(TEXT.length);
});
