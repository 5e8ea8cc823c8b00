import { expect, test } from "vitest";
import { asKind } from "../../build/edits";
import type { FractionTask, QuestionUnion, Sorting } from "../../generated/types";
import { blankQuestion } from "../../questions/blankQuestion";
import { likeThis } from "./likeLast";

const page = (kind: QuestionUnion["kind"]) => asKind(blankQuestion("one"), kind);

test("a fresh page has its groups and nothing on it, under an id of its own", () => {
  const groups = [{ id: "a", text: "Bees" }];
  const last: QuestionUnion = {
    ...(page("groups") as Sorting & { kind: "groups" }),
    text: "Sort these",
    groups,
    arrangement: "rings",
    cards: [{ id: "c", text: "Wasp", groups: ["a"], either: false, nowhere: false }],
    hints: ["Look again"],
  };
  const fresh = likeThis(last) as Sorting;
  expect(fresh).toMatchObject({
    text: "Sort these",
    groups,
    arrangement: "rings",
    cards: [],
    hints: [],
  });
  expect(fresh.id).not.toBe("one");
});

test("a figure keeps its cut and is shaded anew; after all of its parts, one alone", () => {
  const last = page("fraction") as FractionTask & { kind: "fraction" };
  const fresh = likeThis(last) as FractionTask;
  expect(fresh.figure.parts).toBe(10);
  expect(fresh.figure.shaded).toHaveLength(8);
  const whole = { ...last, figure: { ...last.figure, parts: 2, shaded: [0, 1] } };
  expect((likeThis(whole) as FractionTask).figure.shaded).toEqual([0]);
});

test("every kind of question can be the last", () => {
  for (const kind of ["pick-one", "true-false", "gaps", "order", "pairs", "number"] as const) {
    const fresh = likeThis({ ...page(kind), text: "Which?" });
    expect(fresh).toMatchObject({ kind, text: "Which?" });
    expect(fresh.id).not.toBe("one");
  }
});
