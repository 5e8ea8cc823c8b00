import { expect, test } from "vitest";
import type { Activity } from "../generated/types";
import { questionsOf } from "../questions/questionsOf";
import { replaced } from "./replacing";

const activity = {
  bravium: 1,
  titlePage: { title: "Wax and wax", tags: ["wax"] },
  game: {
    kind: "quiz-show",
    board: { kind: "line" },
    questions: [
      {
        kind: "pick-one",
        id: "wax",
        text: "Who makes WAX?",
        options: [{ id: "wax1", text: "wax bees", right: true, pinned: false, feedback: "Wax!" }],
        feedback: { right: "wax" },
        off: false,
        hints: ["w.x", "wax"],
      },
      {
        kind: "groups",
        id: "g",
        text: "Sort",
        groups: [{ id: "wax", text: "wax" }],
        cards: [{ id: "c", text: "comb", groups: ["wax"] }],
        credit: "all-or-nothing",
        feedback: {},
        off: false,
        hints: [],
      },
    ],
  },
  rules: { questionOrder: "mixed", optionOrder: "mixed", worth: 10, passMark: 80, thinking: [] },
  endings: { win: { text: "wax" }, lose: {} },
} as unknown as Activity;

test("it is replaced in all that the teacher wrote, and in no name", () => {
  const { activity: after, places } = replaced(
    activity,
    { find: "wax", caseMatters: false },
    "$&1",
  );

  expect(places).toHaveLength(9);
  expect(places[0]).toEqual({
    part: "titlePage",
    within: [],
    before: "",
    hit: "Wax",
    after: " and wax",
  });
  expect(places[3]?.within).toEqual(["wax", "wax1"]);
  const text = JSON.stringify(after);
  expect(after.titlePage.title).toBe("$&1 and $&1");
  expect(text).toContain('"id":"wax"');
  expect(text).toContain('"groups":["wax"]');
  expect(text).toContain('"tags":["wax"]');
});

test("case may matter, signs mean themselves, and what is untouched stays the same object", () => {
  expect(replaced(activity, { find: "wax", caseMatters: true }, "x").places).toHaveLength(6);
  const { activity: after, places } = replaced(activity, { find: "w.x", caseMatters: false }, "y");
  expect(places).toHaveLength(1);
  expect(questionsOf(after)[1]).toBe(questionsOf(activity)[1]);
  expect(replaced(activity, { find: "", caseMatters: false }, "y").activity).toBe(activity);
});

test("within words with formatting the text is replaced, and neither names nor links are", () => {
  const rich = {
    ...activity,
    titlePage: {
      title: "x",
      tags: [],
      introduction: [
        {
          kind: "paragraph",
          content: [
            { kind: "text", text: "wax", styles: ["bold"], link: "https://example.org/wax" },
            { kind: "formula", tex: "wax" },
          ],
        },
        { kind: "picture", medium: "wax", alt: "wax comb" },
        { kind: "sound", medium: "wax", words: "wax drips" },
      ],
    },
    game: { ...activity.game, questions: [] },
    endings: { win: {}, lose: {} },
  } as unknown as Activity;

  const { activity: changed, places } = replaced(
    rich,
    { find: "wax", caseMatters: false },
    "honey",
  );

  expect(places).toHaveLength(3);
  expect(changed.titlePage.introduction).toEqual([
    {
      kind: "paragraph",
      content: [
        { kind: "text", text: "honey", styles: ["bold"], link: "https://example.org/wax" },
        { kind: "formula", tex: "wax" },
      ],
    },
    { kind: "picture", medium: "wax", alt: "honey comb" },
    { kind: "sound", medium: "wax", words: "honey drips" },
  ]);
});
