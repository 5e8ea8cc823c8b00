import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import type {
  Activity,
  ActivityList,
  BesidePage,
  Contribution,
  Credentials,
  Facets,
  FrontSitting,
  Imported,
  Leaving,
  LineRole,
  Loss,
  Move,
  MoveAnswer,
  PasswordChange,
  PastedText,
  PlayLink,
  Saved,
  ServerState,
  SessionInfo,
  StoredActivity,
  TakenIn,
  TeacherCard,
  TextForm,
  Unfinished,
  VersionCard,
} from "../generated/types";
import { call } from "./client";

export const keys = {
  session: ["session"],
  activities: ["activities"],
  teachers: ["teachers"],
  server: ["server"],
  activity: (id: string) => ["activity", id],
};

export const useSession = () =>
  useQuery({ queryKey: keys.session, queryFn: () => call<SessionInfo>("/api/session") });

const NEWS_EACH = 10 * 60_000;

/** How the server is; it is there for the one teacher who looks after it. */
export const useServer = (isKeeper: boolean | undefined) =>
  useQuery({
    queryKey: keys.server,
    queryFn: () => call<ServerState>("/api/server"),
    enabled: isKeeper === true,
    refetchInterval: NEWS_EACH,
  });

/** What the list of activities is asked for. */
export interface Looking {
  search?: string;
  kind?: string;
  subject?: string;
  year?: string;
  tag?: string;
  sort?: string;
  removed?: string;
}

const listActivities = (looking: Looking, page: number) => {
  const asked = Object.entries({ ...looking, page: String(page) }).filter(([, value]) => value);
  return call<ActivityList>(`/api/activities?${new URLSearchParams(asked)}`);
};

/** The pages of the list that fit; what is shown stays while the next list is on its way. */
export const useActivities = (looking: Looking) =>
  useInfiniteQuery({
    queryKey: [...keys.activities, looking],
    queryFn: ({ pageParam }) => listActivities(looking, pageParam),
    initialPageParam: 0,
    getNextPageParam: (last, all) =>
      all.reduce((n, page) => n + page.cards.length, 0) < last.total ? all.length : undefined,
    placeholderData: (previous) => previous,
  });

export const useFacets = () =>
  useQuery({
    queryKey: [...keys.activities, "facets"],
    queryFn: () => call<Facets>("/api/activities/facets"),
    placeholderData: (previous) => previous,
  });

export const copyActivity = (id: string, title: string) =>
  call<StoredActivity>(`/api/activities/${id}/copies`, { method: "POST", body: { title } });

export const renameActivity = (id: string, title: string) =>
  call<Saved>(`/api/activities/${id}/title`, { method: "PUT", body: { title } });

export const removeActivity = (id: string) =>
  call<void>(`/api/activities/${id}`, { method: "DELETE" });

/** What was begun and into which nothing was written isn’t kept. */
export const forgetUnwritten = (id: string) =>
  call<void>(`/api/activities/${id}?unwritten=true`, { method: "DELETE" });

export const bringBackActivity = (id: string) =>
  call<void>(`/api/activities/${id}/return`, { method: "POST" });

export const fileAddress = (id: string) => `/api/activities/${id}/file`;

export const takeInFile = (file: File) =>
  call<Imported>(`/api/activities/files?name=${encodeURIComponent(file.name)}`, {
    method: "POST",
    body: file,
  });

/** What a table or a list can't hold of an activity. */
export const readLosses = (id: string) => call<Loss[]>(`/api/activities/${id}/questions/losses`);

/** What would be taken in of a text or a file with questions in it; nothing is changed. */
export const understood = (
  file: Blob,
  how: { form?: TextForm; roles?: Record<number, LineRole>; firstIsRight?: boolean } = {},
) => {
  const { form, roles = {}, firstIsRight = false } = how;
  const asked = Object.entries(roles).map(([line, role]) => `${line}:${role}`);
  const query = new URLSearchParams({
    ...(form && { form }),
    roles: asked.join(","),
    firstIsRight: String(firstIsRight),
  });
  return call<TakenIn>(`/api/questions/understood?${query}`, {
    method: "POST",
    body: file,
    headers: { "Content-Type": "application/octet-stream" },
  });
};

/** What a word processor gave, as a text with its pictures marked in it; they are in Media then. */
export const pastedHtml = (html: string) =>
  call<PastedText>("/api/questions/pasted", {
    method: "POST",
    body: new Blob([html]),
    headers: { "Content-Type": "text/html" },
  });

export const questionsAddress = (id: string, ending: "csv" | "md") =>
  `/api/activities/${id}/questions.${ending}`;

export const listVersions = (id: string, before?: number) =>
  call<VersionCard[]>(
    `/api/activities/${id}/versions${before === undefined ? "" : `?before=${before}`}`,
  );

export const readVersion = (id: string, version: number) =>
  call<StoredActivity>(`/api/activities/${id}/versions/${version}`);

export const signIn = (typed: Credentials) =>
  call<SessionInfo>("/api/session", { method: "POST", body: typed });

export const signInFirst = (typed: Credentials & { code: string }) =>
  call<SessionInfo>("/api/session/first", { method: "POST", body: typed });

export const changePassword = (change: PasswordChange) =>
  call<SessionInfo>("/api/session/password", { method: "PUT", body: change });

export const useTeachers = () =>
  useQuery({
    queryKey: keys.teachers,
    queryFn: () => call<TeacherCard[]>("/api/teachers"),
  });

export const addTeacher = (typed: Credentials) =>
  call<TeacherCard>("/api/teachers", { method: "POST", body: typed });

export const setPassword = (teacher: TeacherCard, password: string) =>
  call<void>(`/api/teachers/${teacher.id}/password`, {
    method: "PUT",
    body: { name: teacher.name, password },
  });

export const copyNow = () => call<ServerState>("/api/server/copy", { method: "POST" });

/** Hands the server on; her own password says that it is she. */
export const handOn = (teacher: TeacherCard, password: string) =>
  call<void>(`/api/teachers/${teacher.id}/keeper`, {
    method: "PUT",
    body: { name: teacher.name, password },
  });

export const removeTeacher = (teacher: TeacherCard, leaving: Leaving) =>
  call<void>(`/api/teachers/${teacher.id}`, { method: "DELETE", body: leaving });

export const signInToDemo = () => call<SessionInfo>("/api/session/demo", { method: "POST" });

export const signOut = () => call<void>("/api/session", { method: "DELETE" });

export const readActivity = (id: string) => call<StoredActivity>(`/api/activities/${id}`);

export const addActivity = (activity: Activity) =>
  call<StoredActivity>("/api/activities", { method: "POST", body: activity });

export const saveActivity = (id: string, version: number, activity: Activity, keepalive = false) =>
  call<Saved>(`/api/activities/${id}`, {
    method: "PUT",
    body: activity,
    headers: { "If-Match": `"${version}"` },
    keepalive,
  });

export const linkOf = (id: string, time: number) =>
  call<PlayLink>(`/api/activities/${id}/link?time=${time}`, { method: "POST" });

export const switchLink = (id: string, open: boolean) =>
  call<void>(`/api/activities/${id}/link?open=${open}`, { method: "PUT" });

export const openFrontSitting = (activity: string, only?: string) =>
  call<FrontSitting>(
    `/api/activities/${activity}/sittings${only ? `?only=${encodeURIComponent(only)}` : ""}`,
    { method: "POST" },
  );

export const readUnfinished = (activity: string) =>
  call<Unfinished>(`/api/activities/${activity}/sittings/unfinished`);

export const readFrontSitting = (sitting: string) => call<FrontSitting>(`/api/sittings/${sitting}`);

export const readFrontContributions = (sitting: string, question: string) =>
  call<Contribution[]>(`/api/sittings/${sitting}/contributions/${encodeURIComponent(question)}`);

export const readPages = (sitting: string) =>
  call<Record<string, BesidePage>>(`/api/sittings/${sitting}/pages`);

export const keepPage = (sitting: string, page: string, beside: BesidePage) =>
  call<void>(`/api/sittings/${sitting}/pages/${encodeURIComponent(page)}`, {
    method: "PUT",
    body: beside,
    keepalive: true,
  });

export const sendFrontMove = (sitting: string, move: Move) =>
  call<MoveAnswer>(`/api/sittings/${sitting}/moves`, {
    method: "POST",
    body: move,
    // What is done while the page goes away still arrives.
    keepalive: true,
  });
