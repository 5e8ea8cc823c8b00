import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { blank } from "../games/quizshow/blank";
import type { Activity } from "../generated/types";
import { blankQuestion } from "../questions/blankQuestion";
import { questionsOf } from "../questions/questionsOf";
import { createEditor, type EditorStore } from "./editor";
import {
  changeOptions,
  changeQuestion,
  insertAfter,
  moveQuestions,
  switchQuestions,
} from "./edits";
import { removeQuestions } from "./removing";

let useEditor: EditorStore;
const title = () => useEditor.getState().activity.titlePage.title;
const type = (text: string, key?: string) =>
  useEditor.getState().edit((a) => ({ ...a, titlePage: { ...a.titlePage, title: text } }), key);

beforeEach(() => {
  vi.useFakeTimers();
  useEditor = createEditor(blank("line")("q"));
});
afterEach(() => vi.useRealTimers());

test("quick typing into one field is undone in one step", () => {
  type("B", "title");
  type("Be", "title");
  type("Bee", "title");
  useEditor.getState().undo();
  expect(title()).toBe("");
});

test("after a pause, typing is a step of its own", () => {
  type("Bee", "title");
  vi.advanceTimersByTime(1_500);
  type("Bees", "title");
  useEditor.getState().undo();
  expect(title()).toBe("Bee");
});

test("redo brings back what undo took, until something else is changed", () => {
  type("One");
  type("Two");
  useEditor.getState().undo();
  useEditor.getState().undo();
  useEditor.getState().redo();
  expect(title()).toBe("One");
  type("Three");
  useEditor.getState().redo();
  expect(title()).toBe("Three");
});

test("what changes nothing is no step", () => {
  useEditor.getState().edit((activity) => activity);
  expect(useEditor.getState().past).toHaveLength(0);
});

test("any run of changes undone gives the first document back, and redone the last", () => {
  for (let seed = 1; seed <= 60; seed++) {
    const chance = randomNumbers(seed);
    const editor = createEditor(blank("line")("q0"));
    const first = JSON.stringify(editor.getState().activity);
    for (let i = 0; i < 40; i++) {
      vi.advanceTimersByTime(chance(3) * 600);
      editor.getState().edit(randomEdit(chance, i, editor.getState().activity), `key ${chance(3)}`);
    }
    const last = JSON.stringify(editor.getState().activity);
    const steps = editor.getState().past.length;
    for (let i = 0; i < steps; i++) editor.getState().undo();
    expect(JSON.stringify(editor.getState().activity)).toBe(first);
    expect(editor.getState().past).toHaveLength(0);
    for (let i = 0; i < steps; i++) editor.getState().redo();
    expect(JSON.stringify(editor.getState().activity)).toBe(last);
  }
});

/** Small numbers that look random and are the same each time. */
function randomNumbers(seed: number) {
  let state = seed * 2_654_435_761;
  return (below: number) => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return Math.floor((state / 2 ** 32) * below);
  };
}

function randomEdit(chance: (n: number) => number, i: number, activity: Activity) {
  const questions = questionsOf(activity);
  const id = questions[chance(questions.length)]?.id ?? "none";
  const edits = [
    insertAfter(id, blankQuestion(`new ${i}`)),
    removeQuestions([id]),
    moveQuestions([id], chance(2) ? 1 : -1),
    switchQuestions([id]),
    changeQuestion(id, (q) => ({ ...q, text: `text ${i}` })),
    changeOptions(id, (all) => [...all, { id: `o${i}`, text: "wax", right: true, pinned: false }]),
    (a: Activity) => ({ ...a, rules: { ...a.rules, worth: i } }),
  ];
  return edits[chance(edits.length)] ?? ((a: Activity) => a);
}

test("undo unfolds the question that was open then", () => {
  useEditor.getState().unfold("q");
  type("Bee");
  useEditor.getState().unfold(undefined);
  useEditor.getState().undo();
  expect(useEditor.getState().open).toBe("q");
});

test("there is nothing to undo at the opening of the page", () => {
  useEditor.getState().undo();
  expect(title()).toBe("");
});
