import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import type {
  DetailMap,
  LibraryClip,
  MediaKind,
  MediaList,
  MediumCard,
  MediumWords,
  UploadCard,
} from "../generated/types";
import { call } from "./client";

export const mediaKeys = { all: ["media"] };

/** What the list of media is asked for. */
export interface Wanted {
  kind?: MediaKind;
  search: string;
  /** What was removed and can still be brought back. */
  removed?: boolean;
}

const listMedia = ({ kind, search, removed }: Wanted, page: number) =>
  call<MediaList>(
    `/api/media?${new URLSearchParams({
      ...(kind && { kind }),
      ...(removed && { removed: "true" }),
      search,
      page: String(page),
    })}`,
  );

/** The pages of the teacher's media that fit; what is shown stays while the next is on its way. */
export const useMedia = (wanted: Wanted) =>
  useInfiniteQuery({
    queryKey: [...mediaKeys.all, wanted],
    queryFn: ({ pageParam }) => listMedia(wanted, pageParam),
    initialPageParam: 0,
    getNextPageParam: (last, all) =>
      all.reduce((n, page) => n + page.media.length, 0) < last.total ? all.length : undefined,
    placeholderData: (previous) => previous,
  });

export const addMedium = (file: Blob, title: string, millis?: number) =>
  call<MediumCard>(
    `/api/media?${new URLSearchParams({ title, ...(millis !== undefined && { millis: String(millis) }) })}`,
    { method: "POST", body: file, headers: { "Content-Type": "application/octet-stream" } },
  );

export const describeMedium = (medium: string, changed: MediumWords) =>
  call<MediumCard>(`/api/media/${medium}`, { method: "PUT", body: changed });

export const removeMedium = (medium: string) =>
  call<void>(`/api/media/${medium}`, { method: "DELETE" });

export const bringBackMedium = (medium: string) =>
  call<void>(`/api/media/${medium}/return`, { method: "POST" });

/** How much there is to see in each part of a picture; the same for ever. */
export const useDetail = (medium?: string) =>
  useQuery({
    queryKey: ["detail", medium],
    queryFn: () => call<DetailMap>(`/api/media/${medium}/detail`),
    enabled: medium !== undefined,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });

/** Begins a large file, or goes on with it. */
export const beginUpload = (title: string, bytes: number) =>
  call<UploadCard>("/api/uploads", { method: "POST", body: { title, bytes } });

export const readUpload = (id: string) => call<UploadCard>(`/api/uploads/${id}`);

/** Sends the next part of a large file. */
export const sendPart = (id: string, from: number, part: Blob, signal?: AbortSignal) =>
  call<UploadCard>(`/api/uploads/${id}?from=${from}`, {
    method: "PUT",
    body: part,
    headers: { "Content-Type": "application/octet-stream" },
    signal,
  });

export const finishUpload = (id: string) =>
  call<MediumCard>(`/api/uploads/${id}/medium`, { method: "POST" });

export const giveUpUpload = (id: string) => call<void>(`/api/uploads/${id}`, { method: "DELETE" });

/** The clips of the video library that fit. */
export const useLibrary = (search: string) =>
  useQuery({
    queryKey: ["library", search],
    queryFn: () => call<LibraryClip[]>(`/api/library?${new URLSearchParams({ search })}`),
    placeholderData: (previous) => previous,
  });

export const takeClip = (name: string) =>
  call<MediumCard>(`/api/library/${name}/medium`, { method: "POST" });

/** What is said in a clip, as WebVTT. */
export const captionsOfClip = (name: string) =>
  fetch(`/api/library/${name}/captions`).then((answer) => (answer.ok ? answer.text() : ""));
