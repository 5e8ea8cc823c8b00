/** A refusal of the server: its words are for the person, its reason for the program. */
export class ApiProblem extends Error {
  readonly status: number;
  readonly reason: string;

  constructor(status: number, reason: string, words: string) {
    super(words);
    this.status = status;
    this.reason = reason;
  }
}

/** The network did not carry it: nothing is known of what came of it. */
export class Offline extends Error {}

interface Call {
  method?: "GET" | "POST" | "PUT" | "DELETE";
  body?: unknown;
  headers?: Record<string, string>;
  /** Whether it still arrives where the page goes away meanwhile; what is too large for that goes as usual. */
  keepalive?: boolean;
  signal?: AbortSignal;
}

/**
 * What was answered last where a page asks again and again, by whose page it is: while it is so, the
 * server says no more than that (RFC 9110, 13.1.2).
 */
const known = new Map<string, { tag: string; answer: unknown }>();

/** More than any page asks for. */
const MOST_KNOWN = 20;

function keep(what: string, tag: string | null, answer: unknown) {
  known.delete(what);
  if (!tag) return;
  known.set(what, { tag, answer });
  for (const oldest of known.keys()) if (known.size > MOST_KNOWN) known.delete(oldest);
}

/** The most that is sent with a page that goes away, in characters; browsers refuse more than 64 KiB. */
const LAST_WORDS = 60_000;

/** Calls the server and returns what it answers. */
export async function call<T>(path: string, options: Call = {}): Promise<T> {
  const { method = "GET", body, headers = {}, keepalive = false, signal } = options;
  const sent = body === undefined || body instanceof Blob ? body : JSON.stringify(body);
  const what = method === "GET" ? `${path} ${headers.Authorization}` : "";
  const before = known.get(what);
  const small = typeof sent !== "string" || sent.length < LAST_WORDS;
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      keepalive: keepalive && small,
      signal,
      headers: {
        Accept: "application/json",
        ...(body !== undefined && { "Content-Type": "application/json" }),
        ...(method !== "GET" && csrf()),
        ...(before && { "If-None-Match": before.tag }),
        ...headers,
      },
      body: sent,
    });
  } catch {
    throw new Offline();
  }
  if (response.status === 304 && before) return before.answer as T;
  if (!response.ok) {
    throw await problem(response);
  }
  if (response.status === 204) return undefined as T;
  const answer: T = await response.json();
  if (what) keep(what, response.headers.get("ETag"), answer);
  return answer;
}

/** Whether it is worth trying the same again: the network is away, or the server is. */
export function worthTryingAgain(error: unknown): boolean {
  return error instanceof Offline || (error instanceof ApiProblem && error.status >= 502);
}

async function problem(response: Response): Promise<ApiProblem> {
  const detail = await response.json().catch(() => ({}));
  return new ApiProblem(
    response.status,
    detail.reason ?? "unknown",
    detail.detail ?? response.statusText,
  );
}

function csrf(): Record<string, string> {
  const token = document.cookie
    .split("; ")
    .find((cookie) => cookie.startsWith("XSRF-TOKEN="))
    ?.slice("XSRF-TOKEN=".length);
  return token ? { "X-XSRF-TOKEN": decodeURIComponent(token) } : {};
}
