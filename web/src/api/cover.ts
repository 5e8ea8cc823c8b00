import { useQuery } from "@tanstack/react-query";
import type { CoverCard, CoverGiven, CoverPage, SessionInfo } from "../generated/types";
import { call } from "./client";

/** While a class plays, how far it is is looked for this often. */
const LOOK_AGAIN = 15_000;

export const coverKeys = {
  page: ["cover"],
  ofClass: (id: string) => ["classes", id, "covers"],
};

const ofClass = (id: string) => `/api/classes/${id}/covers`;

export const useCovers = (id: string) =>
  useQuery({
    queryKey: coverKeys.ofClass(id),
    queryFn: () => call<CoverCard[]>(ofClass(id)),
  });

export const makeCover = (id: string, given: CoverGiven) =>
  call<CoverCard[]>(ofClass(id), { method: "POST", body: given });

export const withdrawCover = (id: string, cover: string) =>
  call<CoverCard[]>(`${ofClass(id)}/${cover}`, { method: "DELETE" });

/** Comes in with a cover's code. */
export const enterCover = (code: string) =>
  call<SessionInfo>("/api/session/cover", { method: "POST", body: { code } });

/** What there is for whoever covers. */
export const useCoverPage = () =>
  useQuery({
    queryKey: coverKeys.page,
    queryFn: () => call<CoverPage>("/api/cover"),
    refetchInterval: LOOK_AGAIN,
  });
