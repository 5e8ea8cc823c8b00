import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { words } from "../words/en";
import { createEditor, type EditorStore } from "./editor";

let useEditor: EditorStore;
const title = () => useEditor.getState().activity.titlePage.title;
const type = (text: string, key?: string) =>
  useEditor.getState().edit((a) => ({ ...a, titlePage: { ...a.titlePage, title: text } }), key);

beforeEach(() => {
  vi.useFakeTimers();
  useEditor = createEditor(words.newActivity("q"));
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

test("there is nothing to undo at the opening of the page", () => {
  useEditor.getState().undo();
  expect(title()).toBe("");
});
