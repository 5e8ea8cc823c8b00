import { expect, test } from "vitest";
import type { Activity, PickOne, QuestionUnion } from "../../generated/types";
import { words } from "../../words/en";
import {
  asKind,
  blankQuestion,
  changeOptions,
  copyOf,
  insertAfter,
  moveQuestion,
  removeQuestion,
  turnRight,
} from "./edits";

const question = (id: string): PickOne => ({
  kind: "pick-one",
  id,
  text: `Question ${id}`,
  options: [
    { id: "a", text: "wax", right: true },
    { id: "b", text: "honey", right: false },
  ],
  feedback: { right: "Yes" },
});
const activity: Activity = {
  ...words.newActivity("x"),
  game: { kind: "quiz-show", board: { kind: "line" }, questions: ["1", "2", "3"].map(question) },
};
const ids = (a: Activity) => a.game.questions.map((q) => q.id).join("");

test("questions are moved, but not beyond the ends", () => {
  expect(ids(moveQuestion("2", -1)(activity))).toBe("213");
  expect(ids(moveQuestion("2", 1)(activity))).toBe("132");
  expect(moveQuestion("1", -1)(activity)).toBe(activity);
});

test("a question is put behind another, or at the end", () => {
  expect(ids(insertAfter("1", blankQuestion("n"))(activity))).toBe("1n23");
  expect(ids(insertAfter(undefined, blankQuestion("n"))(activity))).toBe("123n");
  expect(ids(removeQuestion("2")(activity))).toBe("13");
});

test("a copy has ids of its own and the same words", () => {
  const copy = copyOf(question("1")) as PickOne;
  expect(copy.id).not.toBe("1");
  expect(copy.options.map((o) => o.text)).toEqual(["wax", "honey"]);
  expect(copy.options.map((o) => o.id)).not.toContain("a");
});

test("marking right turns one mark and leaves the others", () => {
  const both = turnRight(question("1"), "b")(activity).game.questions[0] as PickOne;
  expect(both.options.map((o) => o.right)).toEqual([true, true]);
  const other = activity.game.questions[1];
  expect(turnRight(question("1"), "b")(activity).game.questions[1]).toBe(other);
});

test("another kind keeps text and feedback", () => {
  const truth: QuestionUnion = asKind(question("1"), "true-false");
  expect(truth).toEqual({
    kind: "true-false",
    id: "1",
    text: "Question 1",
    feedback: { right: "Yes" },
  });
  expect(asKind(truth, "true-false")).toBe(truth);
});

test("options of another kind of question are left alone", () => {
  const truth = {
    ...activity,
    game: { ...activity.game, questions: [asKind(question("1"), "true-false")] },
  };
  expect(changeOptions("1", () => [])(truth).game.questions[0]).toEqual(truth.game.questions[0]);
});
