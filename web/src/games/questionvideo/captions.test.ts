import { expect, test } from "vitest";
// @ts-expect-error: it has no types
import { WebVTTParser } from "webvtt-parser";
import entities from "webvtt-parser/html-entities.json";
import { captionsAsVtt, chaptersAsVtt, readCaptions } from "../../engine/LocalGame";
import type { QuestionVideo, ScriptLine } from "../../generated/types";
import { blank } from "./blank";
import { momentOf, momentWords } from "./moments";
import { addStops, changeVideo, entriesOf, moveStop, videoOf } from "./video";

const said = (from: number, to: number, text: string): ScriptLine => ({
  from,
  to,
  text,
  note: false,
});

const SCRIPT = [
  said(0, 1_500, "Two lines,\nof one caption"),
  said(61_001, 62_000, "<b>no mark</b> & --> no arrow"),
  said(3_600_000, 3_661_999, "ساعة كاملة 🐝"),
  { ...said(10, 20, "a note"), note: true },
];

function video(script: ScriptLine[]): QuestionVideo {
  const game = videoOf(blank());
  if (!game) throw new Error("a question video");
  return { ...game, script };
}

/** What the parser of the W3C's own validator makes of a text (npm's webvtt-parser). */
function parsed(text: string) {
  const { cues, errors } = new WebVTTParser(entities).parse(text, "captions");
  expect(errors).toEqual([]);
  return cues.map((cue: { startTime: number; endTime: number; tree: { children: unknown[] } }) => [
    Math.round(cue.startTime * 1000),
    Math.round(cue.endTime * 1000),
    cue.tree.children.map((child) => (child as { value: string }).value).join(""),
  ]);
}

test("captions that are written are read by another parser as they were", () => {
  const text = captionsAsVtt(video(SCRIPT));

  expect(parsed(text)).toEqual(
    SCRIPT.filter((line) => !line.note).map(({ from, to, text: words }) => [from, to, words]),
  );
  expect(readCaptions(text).lines).toEqual(SCRIPT.filter((line) => !line.note));
});

test("stops that are written as chapters are read by another parser", () => {
  const film = { medium: "f".repeat(64), millis: 60_000 };
  const question = {
    kind: "information",
    id: "one",
    text: "Look!",
    feedback: {},
    off: false,
    hints: [],
  };
  const game = {
    ...video([]),
    film,
    questions: [question],
    stops: [{ question: "one", at: 5_250 }],
  } as unknown as QuestionVideo;

  expect(parsed(chaptersAsVtt(game))).toEqual([[5_250, 60_000, "Look!"]]);
});

test.each([
  ["1:05", 65_000],
  ["65", 65_000],
  ["0:01:05.25", 65_250],
  ["1:05,2", 65_200],
  ["1:65", undefined],
  ["soon", undefined],
  ["", undefined],
])("a moment that is written as “%s” is understood", (text, millis) => {
  expect(momentOf(text)).toBe(millis);
});

test("a moment is written as it is read", () => {
  for (const millis of [0, 900, 13_300, 59_900, 60_000, 3_661_000]) {
    expect(momentOf(momentWords(millis, true))).toBe(millis);
  }
});

test("stops stay in the order of the film, those without a moment last", () => {
  const film = { medium: "f".repeat(64), millis: 60_000 };
  const empty = (id: string) => ({ ...addedQuestion, id });
  let activity = changeVideo(() => ({ film }))(blank());
  activity = addStops(30_000, [empty("b")])(activity);
  activity = addStops(10_000, [empty("a")])(activity);
  expect(videoOf(activity)?.questions.map(({ id }) => id)).toEqual(["a", "b"]);

  activity = moveStop("a", 90_000)(activity);
  expect(videoOf(activity)?.questions.map(({ id }) => id)).toEqual(["b", "a"]);
  expect(videoOf(activity)?.stops.find(({ question }) => question === "a")?.at).toBe(60_000);
  const entries = entriesOf({
    ...(videoOf(activity) as QuestionVideo),
    script: SCRIPT.slice(0, 2),
  });
  expect(
    entries.map((entry) => (entry.kind === "line" ? entry.line.from : entry.question.id)),
  ).toEqual([0, "b", "a", 61_001]);
});

const addedQuestion = {
  kind: "pick-one" as const,
  id: "",
  text: "Which?",
  options: [],
  feedback: {},
  off: false,
  hints: [],
  strikeOrder: [],
};
