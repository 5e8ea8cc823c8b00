import { expect, test } from "vitest";
import { blank } from "../games/wordhunt/blank";
import type { Activity, Difference } from "../generated/types";
import { words } from "../words/en";
import { partName, partText } from "./parts";

const thing = { id: "t1", x: 500, y: 500, names: ["the smoker", "smoker"] };
const hunt = { ...blank("x") } as Activity;
const activity = { ...hunt, game: { ...hunt.game, things: [thing] } } as unknown as Activity;
const difference = (path: string, question: string): Difference => ({
  path,
  question,
  mine: "changed",
  theirs: "removed",
});

test("what is no question is read by what is written in it, on the side where it is", () => {
  const about = difference("game.things[t1]", "t1");
  expect(partText(activity, about)).toContain("the smoker");
  expect(partText(hunt, about)).toBe(words.revision.notThere);
  expect(partName(about)).not.toBe(words.revision.other);
});

test("a thing without a name is there all the same", () => {
  const unnamed = {
    ...activity,
    game: { ...activity.game, things: [{ ...thing, names: [] }] },
  } as unknown as Activity;
  expect(partText(unnamed, difference("game.things[t1]", "t1"))).not.toBe(words.revision.notThere);
});
