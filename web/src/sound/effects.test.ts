import { expect, test } from "vitest";
import { effectOf } from "./effects";

test("a win is what is heard, not the answer that led to it", () => {
  expect(
    effectOf([
      { kind: "answer-marked", question: "q", verdict: "right" },
      { kind: "won", points: 20 },
    ]),
  ).toBe("win");
});

test("an answer is heard though a marker changes after it", () => {
  expect(
    effectOf([
      { kind: "answer-marked", question: "q", verdict: "wrong" },
      { kind: "marker-changed", question: "q", state: "wrong" },
    ]),
  ).toBe("wrong");
});

test("what is right in part sounds like neither", () => {
  expect(effectOf([{ kind: "answer-marked", question: "q", verdict: "partly" }])).toBe("partly");
});

test("a question that opens makes no sound", () => {
  expect(effectOf([{ kind: "question-opened", question: "q" }])).toBeUndefined();
});
