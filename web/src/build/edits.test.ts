import { describe, expect, test } from "vitest";
import { blank } from "../games/quizshow/blank";
import type { Activity, PickOne, QuestionUnion } from "../generated/types";
import { blankQuestion } from "../questions/blankQuestion";
import { questionsOf, withQuestions } from "../questions/questionsOf";
import {
  asKind,
  changeOptions,
  copyOf,
  insertAfter,
  moveQuestions,
  placed,
  putIn,
  setForAll,
  switchQuestions,
  turnPin,
  turnRight,
} from "./edits";
import { removeQuestions } from "./removing";

const question = (id: string): PickOne => ({
  kind: "pick-one",
  id,
  text: `Question ${id}`,
  strikeOrder: [],
  options: [
    { id: "a", text: "wax", right: true, pinned: false },
    { id: "b", text: "honey", right: false, pinned: false },
  ],
  feedback: { right: "Yes" },
  off: false,
  hints: [],
});
const activity: Activity = {
  ...blank("line")("x"),
  game: { kind: "quiz-show", board: { kind: "line" }, questions: ["1", "2", "3"].map(question) },
};
const ids = (a: Activity) =>
  questionsOf(a)
    .map((q) => q.id)
    .join("");

test("questions are moved, but not beyond the ends", () => {
  expect(ids(moveQuestions(["2"], -1)(activity))).toBe("213");
  expect(ids(moveQuestions(["2"], 1)(activity))).toBe("132");
  expect(moveQuestions(["1"], -1)(activity)).toBe(activity);
});

test("several questions move together and keep their order", () => {
  expect(ids(moveQuestions(["2", "3"], -1)(activity))).toBe("231");
  expect(ids(moveQuestions(["1", "2"], 1)(activity))).toBe("312");
  expect(ids(moveQuestions(["1", "3"], -1)(activity))).toBe("132");
  expect(moveQuestions(["1", "2"], -1)(activity)).toBe(activity);
});

test("switching several turns them all off, and on again only when all are off", () => {
  const off = (a: Activity) => questionsOf(a).map((q) => q.off);
  const one = switchQuestions(["1"])(activity);
  expect(off(one)).toEqual([true, false, false]);
  const both = switchQuestions(["1", "2"])(one);
  expect(off(both)).toEqual([true, true, false]);
  expect(off(switchQuestions(["1", "2"])(both))).toEqual([false, false, false]);
});

test("a pin turns one option’s pin", () => {
  const pinned = questionsOf(turnPin(question("1"), "b")(activity))[0] as PickOne;
  expect(pinned.options.map((o) => o.pinned)).toEqual([false, true]);
});

test("a question is put behind another, or at the end", () => {
  expect(ids(insertAfter("1", blankQuestion("n"))(activity))).toBe("1n23");
  expect(ids(insertAfter(undefined, blankQuestion("n"))(activity))).toBe("123n");
  expect(ids(removeQuestions(["2"])(activity))).toBe("13");
});

test("a copy has ids of its own and the same words", () => {
  const copy = copyOf(question("1")) as PickOne;
  expect(copy.id).not.toBe("1");
  expect(copy.options.map((o) => o.text)).toEqual(["wax", "honey"]);
  expect(copy.options.map((o) => o.id)).not.toContain("a");
});

test("marking right turns one mark and leaves the others", () => {
  const both = questionsOf(turnRight(question("1"), "b")(activity))[0] as PickOne;
  expect(both.options.map((o) => o.right)).toEqual([true, true]);
  const other = questionsOf(activity)[1];
  expect(questionsOf(turnRight(question("1"), "b")(activity))[1]).toBe(other);
});

test("another kind keeps text and feedback", () => {
  const truth: QuestionUnion = asKind(question("1"), "true-false");
  expect(truth).toEqual({
    kind: "true-false",
    id: "1",
    text: "Question 1",
    feedback: { right: "Yes" },
    off: false,
    hints: [],
  });
  expect(asKind(truth, "true-false")).toBe(truth);
});

test("options of another kind of question are left alone", () => {
  const truth = {
    ...activity,
    game: { ...activity.game, questions: [asKind(question("1"), "true-false")] },
  };
  expect(questionsOf(changeOptions("1", () => [])(truth))[0]).toEqual(questionsOf(truth)[0]);
});

test("a question turned into another kind keeps what that kind can use", () => {
  const typed = asKind(question("1"), "typed-text");
  expect(typed).toMatchObject({ text: "Question 1", accepted: ["wax"], hints: [] });
  const cards = asKind(question("1"), "order");
  expect(cards.kind === "order" && cards.cards.map((card) => card.text)).toEqual(["wax", "honey"]);
  expect(asKind(question("1"), "pick-all")).toMatchObject({ options: [{ id: "a" }, { id: "b" }] });
});

test("a setting for all goes where the kind can have it, and back to the usual", () => {
  const some = [
    { ...blankQuestion("a"), worth: 5 },
    { kind: "information", id: "b", text: "", feedback: {}, off: false, hints: [] },
    { ...asKind(blankQuestion("c"), "order") },
  ] as QuestionUnion[];
  const set = setForAll(["a", "b", "c"], { worth: 20, credit: "wrong-costs" })(
    withQuestions(activity, some),
  );

  expect(questionsOf(set).map((q) => q.worth)).toEqual([20, undefined, 20]);
  expect(questionsOf(set)[2]).toMatchObject({ credit: "wrong-costs" });
  expect(questionsOf(set)[0]).not.toHaveProperty("credit");
  const usual = setForAll(["a"], { worth: "usual" })(set);
  expect(questionsOf(usual).map((q) => q.worth)).toEqual([undefined, undefined, 20]);
});

test("a picture is set for all, in place of those that are there, and sounds stay", () => {
  const hive = { kind: "picture", medium: "hive", alt: "A hive" } as const;
  const comb = { kind: "picture", medium: "comb", alt: "A comb" } as const;
  const hum = { kind: "sound", medium: "hum", words: "A hum" } as const;
  const before = {
    ...activity,
    game: {
      ...activity.game,
      questions: [question("1"), { ...question("2"), text: [comb, hum] }, question("3")],
    },
  };
  const [first, second, third] = questionsOf(setForAll(["1", "2"], { picture: hive })(before));

  expect(first?.text).toEqual([
    { kind: "paragraph", content: [{ kind: "text", text: "Question 1", styles: [] }] },
    hive,
  ]);
  expect(second?.text).toEqual([hum, hive]);
  expect(third?.text).toBe("Question 3");
});

describe("pasted questions", () => {
  const sheet = (...list: QuestionUnion[]) => withQuestions(activity, list);
  const pasted = ["x", "y"].map(question);
  const paste = (into: Activity, open?: string) => {
    const fresh = placed(questionsOf(into), open, pasted);
    const after = putIn(open, fresh)(into);
    return questionsOf(after).map((q) =>
      /Question [xy]/.test(String(q.text)) ? `${q.text}` : q.id,
    );
  };
  const kept = (into: Activity, open?: string) =>
    questionsOf(putIn(open, placed(questionsOf(into), open, pasted))(into)).map((q) => q.id);

  test("come behind the open one, or at the end", () => {
    expect(paste(activity, "2")).toEqual(["1", "2", "Question x", "Question y", "3"]);
    expect(paste(activity)).toEqual(["1", "2", "3", "Question x", "Question y"]);
  });

  test("take the place of the untouched ones from there on, whose ids stay", () => {
    const begun = sheet(blankQuestion("1"), blankQuestion("2"), question("3"));
    expect(paste(begun, "1")).toEqual(["Question x", "Question y", "3"]);
    expect(kept(begun, "1")).toEqual(["1", "2", "3"]);
    expect(kept(sheet(question("1"), blankQuestion("2"), question("3")), "1").slice(0, 2)).toEqual([
      "1",
      "2",
    ]);
    // Where what is open is no question, as a room: the first that are untouched.
    expect(kept(begun, "a room")).toEqual(["1", "2", "3"]);
  });

  test("leave alone what has a hint or words of its own, and another kind", () => {
    const hinted = { ...blankQuestion("1"), hints: ["look up"] } as QuestionUnion;
    const said = { ...blankQuestion("2"), feedback: { right: "Yes" } } as QuestionUnion;
    const typed = asKind(blankQuestion("3"), "number");
    expect(paste(sheet(hinted), "1")).toEqual(["1", "Question x", "Question y"]);
    expect(paste(sheet(said), "2")).toEqual(["2", "Question x", "Question y"]);
    expect(paste(sheet(typed), "3")).toEqual(["3", "Question x", "Question y"]);
  });
});
