import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { randomId } from "../engine/randomId";
import type { ActivityResults, GameAnswers, PlayedActivity, ToMark } from "../generated/types";
import { call } from "./client";

/** While a class plays, what comes in is looked for this often. */
const LOOK_AGAIN = 10_000;

export const resultKeys = {
  played: ["results"],
  of: (activity: string) => ["results", activity],
  games: (activity: string) => ["results", activity, "games"],
  answers: (activity: string, sitting: string) => ["results", activity, "answers", sitting],
  toMark: (activity: string) => ["results", activity, "to-mark"],
};

export const usePlayed = () =>
  useQuery({
    queryKey: resultKeys.played,
    queryFn: () => call<PlayedActivity[]>("/api/results"),
    refetchInterval: LOOK_AGAIN,
  });

export const useGames = (activity: string) =>
  useInfiniteQuery({
    queryKey: resultKeys.games(activity),
    queryFn: ({ pageParam }) =>
      call<ActivityResults>(`/api/activities/${activity}/results?page=${pageParam}`),
    initialPageParam: 0,
    getNextPageParam: (last, all) =>
      all.reduce((n, page) => n + page.games.length, 0) < last.total ? all.length : undefined,
    refetchInterval: LOOK_AGAIN,
  });

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

/** Marks a free answer; `key` has a mark that is sent twice given once. */
export const giveMark = (sitting: string, question: string, points: number, comment?: string) =>
  call<GameAnswers>(`/api/results/${sitting}/marks`, {
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
