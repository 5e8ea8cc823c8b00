// @vitest-environment jsdom
import { cleanup, render, screen } from "@testing-library/react";
import { afterEach, expect, test } from "vitest";
import type { Outcome, Showing } from "../generated/types";
import { EndView } from "./EndView";
import type { StageProps } from "./stage";

afterEach(cleanup);

const own = { lost: "Not this time", won: () => "All found", needed: "Have another look." };
const score = { right: 1, partly: 0, wrong: 0, given: 1, asked: 2, points: 10 };

/** The end of a game that was lost, but for what is said of it otherwise. */
function seen(outcome: Partial<Outcome>, ofItsOwn?: typeof own) {
  const closing = {
    outcome: {
      won: false,
      points: 10,
      possible: 20,
      needed: 16,
      awaiting: 0,
      winners: [],
      ...outcome,
    },
    answers: [],
  };
  const showing = { score, teams: [], ending: closing } as unknown as Showing;
  render(
    <EndView
      {...({ showing, act: () => undefined } as unknown as StageProps)}
      ending={closing as never}
      own={ofItsOwn}
    />,
  );
  return document.body.textContent;
}

test("what waits for a mark is said, and not what would have been needed, in every game", () => {
  expect(seen({ awaiting: 1 }, own)).not.toContain("Have another look");
  expect(screen.getByText(/still has one answer to mark/)).toBeDefined();
});

test("a game that closed says so, whatever it says of itself", () => {
  expect(seen({ ended: "at-closing" }, own)).toContain("It has closed. What you did is kept.");
});

test("a game of questions says how it stood when it closed, of what is marked", () => {
  expect(seen({ ended: "at-closing" })).toContain("What you did is kept: 1 of 1 right.");
});

test("a game that was lost says what it says of itself", () => {
  expect(seen({}, own)).toContain("Have another look.");
});
