// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, expect, test, vi } from "vitest";
import type { Showing } from "../../generated/types";
import { QuizShowStage } from "./Stage";

afterEach(cleanup);

const open: Showing = {
  at: 0,
  stage: "question",
  cover: { title: "Bees" },
  passMark: { percent: 80, asked: 2, worth: 10, possible: 20, needed: 16, rightNeeded: 2 },
  score: { points: 0, right: 0, wrong: 0, missed: 0, asked: 2 },
  markers: [
    { question: "q1", state: "now" },
    { question: "q2", state: "to-do" },
  ],
  question: {
    id: "q1",
    kind: "pick-one",
    number: 1,
    attempt: 1,
    worth: 10,
    text: "What is a comb made of?",
    choices: [
      { id: "a", text: "wax" },
      { id: "b", text: "paper" },
    ],
  },
};

const stage = (showing: Showing, chosen?: string) => {
  const act = vi.fn();
  const choose = vi.fn();
  const again = vi.fn();
  render(
    <QuizShowStage showing={showing} chosen={chosen} choose={choose} act={act} again={again} />,
  );
  return { act, choose, again };
};

test("an option is chosen, and only then answered with", () => {
  const { act, choose } = stage(open);
  fireEvent.click(screen.getByLabelText(/wax/));
  expect(choose).toHaveBeenCalledWith("a");
  expect(screen.getByRole<HTMLButtonElement>("button", { name: "Answer" }).disabled).toBe(true);
  expect(act).not.toHaveBeenCalled();
});

test("the answer says which question and which try it is for", () => {
  const { act } = stage(open, "b");
  fireEvent.click(screen.getByRole("button", { name: "Answer" }));
  expect(act).toHaveBeenCalledWith({
    kind: "answer",
    question: "q1",
    attempt: 1,
    response: { kind: "picked", option: "b" },
  });
});

test("right and wrong have a sign and a word, and markers a name", () => {
  stage({
    ...open,
    stage: "feedback",
    markers: [
      { question: "q1", state: "wrong" },
      { question: "q2", state: "to-do" },
    ],
    feedback: {
      verdict: "wrong",
      points: 0,
      response: { kind: "picked", option: "b" },
      right: ["a"],
    },
  });
  expect(screen.getByText("✓ right")).toBeTruthy();
  expect(screen.getByText("✕ not this one")).toBeTruthy();
  expect(screen.getByText("1: not right")).toBeTruthy();
  expect(screen.getByText("The right one is marked.")).toBeTruthy();
});

test("a loss says what was right and offers another game", () => {
  const { again } = stage({
    ...open,
    stage: "end",
    question: undefined,
    score: { points: 10, right: 1, wrong: 1, missed: 0, asked: 2 },
    ending: { outcome: { won: false, points: 10, possible: 20, needed: 16 }, answers: [] },
  });
  expect(screen.getByText("Not this time — you got 1 of 2")).toBeTruthy();
  fireEvent.click(screen.getByRole("button", { name: "Play again" }));
  expect(again).toHaveBeenCalled();
});
