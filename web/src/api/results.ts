import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { randomId } from "../engine/randomId";
import type {
  ActivityResults,
  AlikeAnswers,
  GameAnswers,
  GamesRemoved,
  PlayedActivity,
  ToMark,
} from "../generated/types";
import { call } from "./client";

/** While a class plays, what comes in is looked for this often. */
const LOOK_AGAIN = 10_000;

export const resultKeys = {
  played: ["results"],
  of: (activity: string) => ["results", activity],
  games: (activity: string, which: Which) => ["results", activity, "games", which],
  answers: (activity: string, sitting: string) => ["results", activity, "answers", sitting],
  toMark: (activity: string) => ["results", activity, "to-mark"],
};

export const usePlayed = () =>
  useQuery({
    queryKey: resultKeys.played,
    queryFn: () => call<PlayedActivity[]>("/api/results"),
    refetchInterval: LOOK_AGAIN,
  });

/** Which games are looked at: those of a class, by links, at the front; of whose name. */
export interface Which {
  from?: string;
  name: string;
}

export const useGames = (activity: string, which: Which) =>
  useInfiniteQuery({
    queryKey: resultKeys.games(activity, which),
    queryFn: ({ pageParam }) => {
      const query = new URLSearchParams({
        page: String(pageParam),
        name: which.name,
        ...(which.from && { from: which.from }),
      });
      return call<ActivityResults>(`/api/activities/${activity}/results?${query}`);
    },
    initialPageParam: 0,
    getNextPageParam: (last, all) =>
      all.reduce((n, page) => n + page.games.length, 0) < last.total ? all.length : undefined,
    placeholderData: (before) => before,
    refetchInterval: LOOK_AGAIN,
  });

/** Takes a game that is no class’s out of the results. */
export const removeGame = (sitting: string) =>
  call<void>(`/api/results/${sitting}`, { method: "DELETE" });

export const bringGameBack = (sitting: string) =>
  call<void>(`/api/results/${sitting}/return`, { method: "POST" });

/** Takes all games by links, or all at the front, out of an activity’s results. */
export const removeGames = (activity: string, from: string) =>
  call<GamesRemoved>(`/api/activities/${activity}/results?from=${from}`, { method: "DELETE" });

export const bringGamesBack = (activity: string, at: number) =>
  call<void>(`/api/activities/${activity}/results/return?at=${at}`, { method: "POST" });

export const useToMark = (activity: string) =>
  useQuery({
    queryKey: resultKeys.toMark(activity),
    queryFn: () => call<ToMark[]>(`/api/activities/${activity}/results/to-mark`),
    refetchInterval: LOOK_AGAIN,
  });

export const useAnswers = (activity: string, sitting: string) =>
  useQuery({
    queryKey: resultKeys.answers(activity, sitting),
    queryFn: () => call<GameAnswers>(`/api/results/${sitting}`),
    refetchInterval: LOOK_AGAIN,
  });

/** Who else gave the same answer: asked when its mark is about to be changed. */
export const useAlike = (activity: string, sitting: string, question: string) =>
  useQuery({
    queryKey: [...resultKeys.answers(activity, sitting), "alike", question],
    queryFn: () => call<AlikeAnswers>(`/api/results/${sitting}/alike/${question}`),
    gcTime: 0,
  });

/**
 * Marks an answer, or all that say the same; its key has a mark that is sent twice given once.
 */
export const giveMark = (
  sitting: string,
  question: string,
  points: number,
  comment?: string,
  alike = false,
) =>
  call<GameAnswers>(`/api/results/${sitting}/marks${alike ? "/alike" : ""}`, {
    method: "POST",
    body: {
      key: randomId(12),
      by: "teacher",
      action: { kind: "mark", question, points, comment },
    },
  });

export const hideContribution = (sitting: string, question: string, hidden: boolean) =>
  call<GameAnswers>(`/api/results/${sitting}/contributions/${question}`, {
    method: "PUT",
    body: { hidden },
  });

/** The ids of an activity's questions by how they proved in past games, the hardest last. */
export const useFromEasy = (activity?: string) =>
  useQuery({
    queryKey: ["results", activity, "from-easy"],
    queryFn: () => call<string[]>(`/api/activities/${activity}/results/from-easy`),
    enabled: activity !== undefined,
    retry: false,
  });
