import { expect, test } from "vitest";
import { blank } from "../games/quizshow/blank";
import type { Activity } from "../generated/types";
import { mediaIn } from "./media";

test("all media of an activity are found, each once, and what only looks like one is not", () => {
  const activity = blank("line")("q") as Activity;
  const with_ = {
    ...activity,
    titlePage: {
      ...activity.titlePage,
      title: '"medium":"title"',
      introduction: [{ kind: "picture", medium: "hive", alt: "" }],
    },
    game: {
      ...activity.game,
      questions: [
        { kind: "point", picture: "bee", text: [{ kind: "sound", medium: "hum", words: "" }] },
        { kind: "point", picture: "hive", text: "" },
      ],
    },
  } as unknown as Activity;
  expect(mediaIn(with_)).toEqual(["hive", "bee", "hum"]);
});
