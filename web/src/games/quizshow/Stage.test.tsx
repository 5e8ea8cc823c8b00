// @vitest-environment jsdom
import { act as acting, cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, expect, test, vi } from "vitest";
import type { Asked, ResponseUnion, Showing } from "../../generated/types";
import { fetchDragging } from "../../questions/answers/AnswerField";
import QuizShowStage from "./Stage";

afterEach(cleanup);

/** Once what dragging takes is there. */
const withDragging = () =>
  acting(async () => {
    await fetchDragging();
  });

const open: Showing = {
  questions: [],
  at: 0,
  game: "quiz-show",
  stage: "question",
  cover: { title: "Bees", aloud: 184 },
  passMark: {
    percent: 80,
    asked: 2,
    possible: 20,
    needed: 16,
    rightNeeded: 2,
    about: false,
    counted: true,
  },
  terms: { tries: 1, later: false, startAgain: false },
  score: {
    points: 0,
    right: 0,
    partly: 0,
    wrong: 0,
    missed: 0,
    given: 0,
    asked: 2,
    mistakes: 0,
  },
  teams: [],
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
    targets: [],
    pieces: [],
    lowest: false,
    help: { hints: [], more: 0, price: 0 },
    dense: false,
  },
};

const stage = (showing: Showing, given?: ResponseUnion) => {
  const act = vi.fn();
  const give = vi.fn();
  const again = vi.fn();
  render(<QuizShowStage showing={showing} given={given} give={give} act={act} again={again} />);
  return { act, give, again };
};

test("an option is chosen, and only then answered with", () => {
  const { act, give } = stage(open);
  fireEvent.click(screen.getByLabelText(/wax/));
  expect(give).toHaveBeenCalledWith({ kind: "picked", option: "a" });
  expect(screen.getByRole<HTMLButtonElement>("button", { name: "Answer" }).disabled).toBe(true);
  expect(act).not.toHaveBeenCalled();
});

test("the answer says which question and which try it is for", () => {
  const { act } = stage(open, { kind: "picked", option: "b" });
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
      right: [],
      rightIds: ["a"],
      settled: true,
      bonus: 0,
      parts: [],
      areas: [],
      markedAnew: false,
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
    score: { ...open.score, points: 10, right: 1, wrong: 1 },
    ending: {
      outcome: {
        won: false,
        points: 10,
        possible: 20,
        needed: 16,
        ended: "played",
        awaiting: 0,
        winners: [],
      },
      answers: [],
    },
  });
  expect(screen.getByText("Not this time — you got 1 of 2")).toBeTruthy();
  fireEvent.click(screen.getByRole("button", { name: "Play again" }));
  expect(again).toHaveBeenCalled();
});

const asking = (question: Partial<Asked>): Showing => ({
  ...open,
  question: { ...(open.question as Asked), ...question },
});

test("of options that all apply, another press adds one and a third takes it away", () => {
  const { give } = stage(asking({ kind: "pick-all" }), { kind: "picked-all", options: ["a"] });
  fireEvent.click(screen.getByLabelText(/paper/));
  expect(give).toHaveBeenCalledWith({ kind: "picked-all", options: ["a", "b"] });
  fireEvent.click(screen.getByLabelText(/wax/));
  expect(give).toHaveBeenCalledWith({ kind: "picked-all", options: [] });
});

test("a card is picked up by a press and put down by a press on its place", async () => {
  const { give } = stage(
    asking({ kind: "pairs", targets: [{ id: "t1", text: "comb" }] }),
    undefined,
  );
  await withDragging();
  fireEvent.click(screen.getByRole("button", { name: "wax" }));
  fireEvent.click(screen.getByRole("button", { name: "Put wax into beside comb" }));
  expect(give).toHaveBeenCalledWith({ kind: "placed", placings: [{ card: "a", target: "t1" }] });
});

test("cards to put in order are answered once one was moved, or it is said that they lie right", async () => {
  const { act, give } = stage(asking({ kind: "order" }));
  await withDragging();
  const answer = screen.getByRole("button", { name: "Answer" });
  expect(answer.hasAttribute("disabled")).toBe(true);
  fireEvent.submit(answer);
  expect(act).not.toHaveBeenCalled();
  fireEvent.click(screen.getByRole("button", { name: "wax: one place down" }));
  expect(give).toHaveBeenCalledWith({ kind: "ordered", cards: ["b", "a"] });
  fireEvent.click(screen.getByRole("button", { name: "It’s right as it is" }));
  expect(give).toHaveBeenLastCalledWith({ kind: "ordered", cards: ["a", "b"] });
});

test("a key of the question answers and picks on a learner's device, and none in a text", () => {
  const { act, give } = stage(asking({ kind: "pick-one" }), { kind: "picked", option: "a" });
  const heading = screen.getByRole("heading", { level: 2 });
  fireEvent.keyDown(heading, { key: "b" });
  expect(give).toHaveBeenCalledWith({ kind: "picked", option: "b" });
  fireEvent.keyDown(heading, { key: "Enter" });
  expect(act.mock.calls[0]?.[0].response).toEqual({ kind: "picked", option: "a" });
  cleanup();

  const typed = stage(asking({ kind: "free-answer" }), { kind: "typed", text: "Because" });
  const text = screen.getByRole("textbox");
  fireEvent.keyDown(text, { key: "b" });
  fireEvent.keyDown(text, { key: "Enter" });
  expect(typed.act).not.toHaveBeenCalled();
  fireEvent.keyDown(text, { key: "Enter", ctrlKey: true });
  expect(typed.act.mock.calls[0]?.[0].response).toEqual({ kind: "typed", text: "Because" });
});

test("a word that is twice in the bank fills two gaps", async () => {
  const words = ["bee", "bee"].map((text) => ({ id: text, text }));
  const gaps = [{ choices: [] }, { text: " and ", choices: [] }, { choices: [] }];
  const { give } = stage(asking({ kind: "gaps-dragged", choices: words, pieces: gaps }), {
    kind: "filled",
    words: ["bee", ""],
  });
  await withDragging();
  fireEvent.click(screen.getAllByRole("button", { name: "bee" })[1] as HTMLElement);
  fireEvent.click(screen.getByRole("button", { name: "Put bee into Gap 2" }));
  expect(give).toHaveBeenCalledWith({ kind: "filled", words: ["bee", "bee"] });
});

test("a wrong try with another one left offers both ways on", () => {
  const { act } = stage({
    ...open,
    stage: "feedback",
    terms: { tries: 3, later: false, startAgain: false },
    feedback: {
      verdict: "wrong",
      points: 0,
      response: { kind: "picked", option: "b" },
      settled: false,
      rightIds: [],
      bonus: 0,
      parts: [],
      areas: [],
      markedAnew: false,
    },
  });
  expect(screen.getByText("You can try again.")).toBeTruthy();
  fireEvent.click(screen.getByRole("button", { name: "Leave it" }));
  expect(act).toHaveBeenCalledWith({ kind: "settle", question: "q1" });
  fireEvent.click(screen.getByRole("button", { name: "Try again" }));
  expect(act).toHaveBeenCalledWith({ kind: "continue", question: "q1" });
});
