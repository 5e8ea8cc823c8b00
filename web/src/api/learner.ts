import type {
  Contribution,
  Invitation,
  LearnerSitting,
  Move,
  MoveAnswer,
} from "../generated/types";
import { call } from "./client";

const bearer = (token?: string): Record<string, string> =>
  token ? { Authorization: `Bearer ${token}` } : {};

export const readInvitation = (code: string) =>
  call<Invitation>(`/api/links/${encodeURIComponent(code)}`);

export const openSitting = (code: string, token?: string) =>
  call<LearnerSitting>(`/api/links/${encodeURIComponent(code)}/sittings`, {
    method: "POST",
    headers: bearer(token),
  });

export const readSitting = (sitting: string, token: string) =>
  call<LearnerSitting>(`/api/play/${sitting}`, { headers: bearer(token) });

export const sendMove = (sitting: string, token: string, move: Move) =>
  call<MoveAnswer>(`/api/play/${sitting}/moves`, {
    method: "POST",
    headers: bearer(token),
    body: move,
  });

export const readContributions = (sitting: string, token: string, question: string) =>
  call<Contribution[]>(`/api/play/${sitting}/contributions/${encodeURIComponent(question)}`, {
    headers: bearer(token),
  });
