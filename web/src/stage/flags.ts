import type { State } from "../generated/types";

/** The cloth of a pennant and its hem, by its state. */
export const FLAGS: Record<State, string> = {
  "to-do": "fill-base-100 stroke-edge",
  now: "fill-accent stroke-[#7a5300]",
  right: "fill-success stroke-success",
  wrong: "fill-error stroke-error",
  missed: "fill-base-300 stroke-edge",
  partly: "fill-base-100 stroke-success",
  retry: "fill-base-100 stroke-error",
  given: "fill-base-100 stroke-primary",
};

/** The colour of the sign on it. */
export const SIGN_COLOURS: Record<State, string> = {
  "to-do": "fill-soft",
  now: "fill-accent-content",
  right: "fill-success-content",
  wrong: "fill-error-content",
  missed: "fill-base-content",
  partly: "fill-success",
  retry: "fill-error",
  given: "fill-primary",
};
