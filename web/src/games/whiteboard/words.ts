import type { BoardPage, PassMark, State } from "../../generated/types";
import { plural } from "../../words/format";

const STATES: Record<State, string> = {
  "to-do": "to do",
  now: "open",
  right: "right",
  wrong: "not right",
  partly: "partly right",
  missed: "not answered",
  retry: "may be tried again",
  given: "answer shown",
};

/** What is read while a whiteboard is played. */
export const boardPagesWords = {
  facts: (pages: number, mark?: PassMark) =>
    mark
      ? `${plural(pages, "page")}, a task on each. To win: ${plural(mark.needed, "point")} of ${mark.possible}.`
      : `${plural(pages, "page")}, a task on each.`,
  pick: "Pick a page.",
  page: ({ number, state }: BoardPage, title: string) =>
    `Page ${number}, ${STATES[state]}: ${title}`,
  number: (n: number) => `Page ${n}`,
  state: (state: State) => STATES[state],
};
