import { useQuery } from "@tanstack/react-query";
import type {
  Activity,
  ActivityCard,
  FrontSitting,
  Move,
  MoveAnswer,
  PlayLink,
  Saved,
  SessionInfo,
  StoredActivity,
} from "../generated/types";
import { call } from "./client";

export const keys = {
  session: ["session"],
  activities: ["activities"],
  activity: (id: string) => ["activity", id],
};

export const useSession = () =>
  useQuery({ queryKey: keys.session, queryFn: () => call<SessionInfo>("/api/session") });

export const useActivities = () =>
  useQuery({ queryKey: keys.activities, queryFn: () => call<ActivityCard[]>("/api/activities") });

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

export const linkOf = (id: string) =>
  call<PlayLink>(`/api/activities/${id}/link`, { method: "POST" });

export const openFrontSitting = (activity: string) =>
  call<FrontSitting>(`/api/activities/${activity}/sittings`, { method: "POST" });

export const readFrontSitting = (sitting: string) => call<FrontSitting>(`/api/sittings/${sitting}`);

export const sendFrontMove = (sitting: string, move: Move) =>
  call<MoveAnswer>(`/api/sittings/${sitting}/moves`, { method: "POST", body: move });
