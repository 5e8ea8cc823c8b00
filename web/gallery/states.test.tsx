// @vitest-environment jsdom
import { cleanup, render, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { allGames } from "../src/games";
import type { Kind } from "../src/generated/types";
import { fetchDragging } from "../src/questions/answers/AnswerField";
import { StateView } from "./StateView";
import { statesOfTheDemo } from "./states";

/** What the demo asks; a kind that is new has to be added here, and to the demo. */
const ASKED: Record<Exclude<Kind, "item" | "unfinished">, true> = {
  "pick-one": true,
  "pick-all": true,
  "true-false": true,
  "typed-text": true,
  number: true,
  "gaps-dragged": true,
  "gaps-chosen": true,
  "gaps-typed": true,
  order: true,
  pairs: true,
  groups: true,
  point: true,
  "free-answer": true,
  discussion: true,
  information: true,
  "fraction-named": true,
  "fraction-shaded": true,
  "fractions-compared": true,
};

beforeEach(() => {
  vi.stubGlobal("matchMedia", () => ({ matches: false, addEventListener: () => undefined }));
});

afterEach(cleanup);

const states = statesOfTheDemo();

test("the demo asks every kind of question, and every game of it is won and lost", () => {
  const kinds = new Set(states.map(({ showing }) => showing.question?.kind).filter(Boolean));
  expect([...kinds].sort()).toEqual(Object.keys(ASKED).sort());
  for (const { starts } of allGames) {
    const kind = starts[0]?.blank("one").game.kind;
    const ends = states
      .filter(({ showing }) => showing.game === kind)
      .map(({ showing }) => showing.ending?.outcome.won);
    expect(ends).toContain(true);
    expect(ends).toContain(false);
  }
});

test.each(states)("$name is drawn", async (state) => {
  await fetchDragging();
  const { container } = render(<StateView state={state} />);
  await waitFor(() => expect(container.querySelector(".stage")).not.toBeNull());
  expect(container.querySelector("[role=alert]")).toBeNull();
});
