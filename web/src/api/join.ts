import type { Begun, Gate, Joined, LearnersPage } from "../generated/types";
import { call } from "./client";

const of = (code: string) => `/api/join/${encodeURIComponent(code)}`;
const bearer = (token: string) => ({ Authorization: `Bearer ${token}` });

export const readGate = (code: string) => call<Gate>(of(code));

/** Comes in: as somebody new, or with the two words of who was here before. */
export const joinClass = (code: string, name: string, words?: string) =>
  call<Joined>(`${of(code)}/learners`, { method: "POST", body: { name, words } });

export const readMyPage = (code: string, token: string) =>
  call<LearnersPage>(`${of(code)}/page`, { headers: bearer(token) });

/** Begins a game on what she was given, or goes on with the one that runs; anew leaves that one. */
export const beginTask = (code: string, assignment: string, token: string, anew = false) =>
  call<Begun>(`${of(code)}/assignments/${assignment}/sittings${anew ? "?anew=true" : ""}`, {
    method: "POST",
    headers: bearer(token),
  });

/** This device is hers no more. */
export const endDevice = (code: string, token: string) =>
  call<void>(`${of(code)}/device`, { method: "DELETE", headers: bearer(token) });
