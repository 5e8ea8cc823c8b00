import { ApiProblem } from "../api/client";

const AGAIN_MILLIS = 3_000;

/**
 * How a question of what a text holds is asked where there is no network: again and again, while
 * the text stays where it is. What the server refuses is not asked again.
 */
export const waiting = {
  networkMode: "always" as const,
  retry: false,
  refetchInterval: ({ state }: { state: { error: unknown; status: string } }) =>
    state.status === "error" && !(state.error instanceof ApiProblem) ? AGAIN_MILLIS : false,
};
