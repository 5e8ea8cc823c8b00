// @vitest-environment jsdom
import { cleanup, render, screen, waitFor } from "@testing-library/react";
import userEvent, { type UserEvent } from "@testing-library/user-event";
import { useState } from "react";
import { afterEach, beforeAll, beforeEach, describe, expect, test, vi } from "vitest";
import board from "../../server/src/main/resources/demo/0i-the-hive-on-the-board.json";
import notebook from "../../server/src/main/resources/demo/3-the-beekeepers-notebook.json";
import { LocalGame } from "../src/engine/LocalGame";
import { figureWords } from "../src/figures/figureWords";
import { GameStage } from "../src/games/GameStage";
import type { Activity, Kind, ResponseUnion } from "../src/generated/types";
import { fetchDragging } from "../src/questions/answers/AnswerField";
import { words } from "../src/words/learner";

/** By what is heard of it or read on it; to ask for roles takes jsdom ten times as long. */
function button(name: string): HTMLElement {
  const found = [...document.querySelectorAll("button")].find(
    (b) => (b.getAttribute("aria-label") ?? b.textContent) === name,
  );
  if (!found) throw new Error(`There is no button ${name}`);
  return found;
}

/** How things are done: by pressing them, or with the keyboard alone. */
abstract class Hand {
  constructor(protected readonly user: UserEvent) {}

  abstract press(thing: HTMLElement): Promise<void>;

  abstract point(x: number, y: number): Promise<void>;

  async button(name: string) {
    await this.press(await waitFor(() => button(name)));
  }

  /** Chooses an option by its words. */
  async choose(option: string) {
    const label = [...document.querySelectorAll("label")].find((l) =>
      l.innerHTML.includes(`>${option}<`),
    );
    await this.press(label?.querySelector("input") as HTMLElement);
  }

  async type(label: string, text: string) {
    const field = screen.getByLabelText(label);
    field.focus();
    await this.user.keyboard(text);
  }

  async put(card: string, place: string) {
    await this.button(card);
    await this.button(words.game.put(card, place));
  }

  /** Brings the cards into this order, one place at a time. */
  async order(cards: string[]) {
    for (const [to, card] of cards.entries()) {
      await waitFor(() => button(words.game.up(card)));
      for (let from = this.placeOf(card); from > to; from--) {
        await this.button(words.game.up(card));
      }
    }
  }

  private placeOf(card: string) {
    const items = [...document.querySelectorAll("ol.card-field li")];
    return items.findIndex((item) => item.textContent?.includes(card));
  }
}

class Pointer extends Hand {
  press(thing: HTMLElement) {
    return this.user.click(thing);
  }

  async point(x: number, y: number) {
    const picture = document.querySelector(".stage-picture") as HTMLElement;
    picture.getBoundingClientRect = () => new DOMRect(0, 0, 1000, 1000);
    await this.user.pointer([
      { target: picture, coords: { clientX: x, clientY: y }, keys: "[MouseLeft]" },
    ]);
  }
}

class Keys extends Hand {
  async press(thing: HTMLElement) {
    thing.focus();
    await this.user.keyboard(thing instanceof HTMLInputElement ? " " : "{Enter}");
  }

  async point(x: number, y: number) {
    (document.querySelector("button:has(.stage-picture)") as HTMLElement).focus();
    const across = x > 500 ? "{ArrowRight}" : "{ArrowLeft}";
    const down = y > 500 ? "{ArrowDown}" : "{ArrowUp}";
    await this.user.keyboard(across.repeat(Math.abs(x - 500) / 20));
    await this.user.keyboard(down.repeat(Math.abs(y - 500) / 20));
  }
}

interface Case {
  /** How it is answered, and what comes of it. */
  right?: (hand: Hand) => Promise<void>;
  wrong?: (hand: Hand) => Promise<void>;
  partly?: (hand: Hand) => Promise<void>;
  given?: (hand: Hand) => Promise<void>;
}

type Outcome = keyof Case;

const all =
  (...steps: ((hand: Hand) => Promise<void>)[]) =>
  async (hand: Hand) => {
    for (const step of steps) await step(hand);
  };
const choose = (...options: string[]) => all(...options.map((o) => (h: Hand) => h.choose(o)));
const type = (label: string, text: string) => (hand: Hand) => hand.type(label, text);
const put = (card: string, place: string) => (hand: Hand) => hand.put(card, place);
const shade =
  (of: number, ...parts: number[]) =>
  async (hand: Hand) => {
    for (const part of parts) {
      await waitFor(() => screen.getByLabelText(figureWords.part(part, of)));
      await hand.press(screen.getByLabelText(figureWords.part(part, of)));
    }
  };
const point = (x: number, y: number) => (hand: Hand) => hand.point(x, y);
const order =
  (...cards: string[]) =>
  (hand: Hand) =>
    hand.order(cards);
const beside = (name: string) => words.game.beside(name);
const STEPS = ["A bee sips", "She carries", "In the hive", "They fan it", "The cell is"].map(
  (begin) => cardThatBegins(begin),
);

/** Each kind of the notebook's questions, answered in every way that it can come out. */
const CASES: Record<Exclude<Kind, "item" | "unfinished" | "information">, Case> = {
  "pick-one": { right: choose("keep still"), wrong: choose("shout") },
  "pick-all": {
    right: choose("nectar", "pollen", "water", "resin"),
    partly: choose("nectar", "water", "honey"),
    wrong: choose("leaves"),
  },
  "true-false": { right: choose("False"), wrong: choose("True") },
  "typed-text": {
    right: type(words.game.type, "a quen bee."),
    wrong: type(words.game.type, "the King"),
  },
  number: {
    right: type(words.game.typeNumber, "5,0 d"),
    wrong: type(words.game.typeNumber, "37"),
  },
  "gaps-dragged": {
    right: all(
      put("three", "Gap 1"),
      put("larva", "Gap 2"),
      put("wax", "Gap 3"),
      put("pupa", "Gap 4"),
    ),
    partly: all(
      put("three", "Gap 1"),
      put("mud", "Gap 2"),
      put("wax", "Gap 3"),
      put("ten", "Gap 4"),
    ),
    wrong: all(put("ten", "Gap 1"), put("mud", "Gap 2"), put("pupa", "Gap 3"), put("wax", "Gap 4")),
  },
  "gaps-chosen": {
    right: all(
      pick("Gap 1", "three"),
      pick("Gap 2", "larva"),
      pick("Gap 3", "wax"),
      pick("Gap 4", "pupa"),
    ),
    partly: all(pick("Gap 1", "three"), pick("Gap 2", "mud")),
  },
  "gaps-typed": {
    right: all(
      type("Gap 1", "Three"),
      type("Gap 2", "larva"),
      type("Gap 3", "wax"),
      type("Gap 4", "pupa"),
    ),
    wrong: all(type("Gap 1", "seven"), type("Gap 4", "queen")),
  },
  order: {
    right: order(...STEPS),
    partly: order(...STEPS.toReversed()),
    wrong: order(...STEPS.slice(1), ...STEPS.slice(0, 1)),
  },
  pairs: {
    right: all(
      put("made of wax", beside("the comb")),
      put("food for the young", beside("pollen")),
      put("food for the winter", beside("honey")),
      put("closes cracks", beside("resin")),
    ),
    partly: all(put("made of wax", beside("the comb")), put("closes cracks", beside("pollen"))),
  },
  groups: {
    right: all(
      put("lays eggs", "Queen"),
      put("collects nectar", "Worker"),
      put("guards the door", "Worker"),
      put("has no sting", "Drone"),
      put("is a male", "Drone"),
    ),
    wrong: put("lays eggs", "Drone"),
  },
  "fraction-named": {
    right: all(type(figureWords.over1, "5"), type(figureWords.under1, "12")),
    wrong: all(type(figureWords.over1, "8"), type(figureWords.under1, "4")),
  },
  "fraction-shaded": { right: shade(8, 2, 5, 7), wrong: shade(8, 1) },
  "fractions-compared": { right: choose("more"), wrong: choose("less") },
  point: { right: point(560, 760), wrong: point(700, 560) },
  "free-answer": { given: type(words.game.write, "For the winter.") },
  discussion: { given: type(words.game.write, "Lavender.") },
};

function pick(gap: string, word: string) {
  return async () => {
    await userEvent.selectOptions(screen.getByLabelText(gap), word);
  };
}

function cardThatBegins(begin: string): string {
  for (const question of notebook.game.questions) {
    const card = question.cards?.find(({ text }) => text.startsWith(begin));
    if (card) return card.text;
  }
  throw new Error(`No card begins with ${begin}`);
}

/** A game on this device, as it is played. */
function Table({ game }: { game: LocalGame }) {
  const [showing, setShowing] = useState(() => game.show("player"));
  const [given, give] = useState<ResponseUnion>();
  return (
    <GameStage
      showing={showing}
      given={given}
      give={give}
      act={(action) => {
        game.act(action);
        give(undefined);
        setShowing(game.show("player"));
      }}
      again={() => undefined}
      takesFocus
    />
  );
}

/** Which of the board's pages asks for it. */
const PAGES: Partial<Record<Kind, string>> = {
  "fraction-named": "wb2",
  "fraction-shaded": "wb3",
  "fractions-compared": "wb5",
};

/** A game, opened at its question of this kind. */
function at(kind: Kind): LocalGame {
  const page = PAGES[kind];
  if (page) return opened(board as unknown as Activity, page);
  const [asked, filling] = kind.startsWith("gaps-") ? kind.split("-") : [kind];
  const questions = notebook.game.questions.map((q) =>
    filling && q.filling ? { ...q, filling } : q,
  );
  const activity = { ...notebook, game: { ...notebook.game, questions } } as unknown as Activity;
  return opened(activity, questions.find((q) => q.kind === asked)?.id ?? "");
}

function opened(activity: Activity, question: string): LocalGame {
  const opening = { seed: "kinds", at: Date.now(), rehearsal: true, teams: [], help: [] };
  const game = LocalGame.open(activity, opening);
  game.act({ kind: "start" });
  game.act({ kind: "go-to", question });
  return game;
}

beforeAll(async () => {
  await fetchDragging();
});

beforeEach(() => {
  vi.stubGlobal("matchMedia", () => ({ matches: false, addEventListener: () => undefined }));
});

afterEach(cleanup);

const HANDS = { pointer: Pointer, keys: Keys };
const VERDICTS: Record<Outcome, string> = {
  right: words.game.right,
  wrong: words.game.wrong,
  partly: words.game.partly,
  given: words.game.given,
};
const played = Object.entries(CASES).flatMap(([kind, ways]) =>
  Object.entries(ways).map(([outcome, how]) => ({
    kind: kind as Kind,
    outcome: outcome as Outcome,
    how,
  })),
);

describe.each(Object.entries(HANDS))("by %s", (_, Played) => {
  test.each(played)("$kind is answered: $outcome", async ({ kind, outcome, how }) => {
    const game = at(kind);
    const hand = new Played(userEvent.setup());
    render(<Table game={game} />);
    await waitFor(() => button(words.game.answer));
    await how(hand);
    await hand.button(words.game.answer);

    expect(game.show("player").feedback?.verdict).toBe(outcome);
    const said = [...document.querySelectorAll("[role=status]")].map((line) => line.textContent);
    expect(said.join("\n")).toContain(VERDICTS[outcome]);
    // Whoever goes on by keyboard finds the way on under the cursor, and not at the top of the page.
    expect(document.activeElement?.tagName).toBe("BUTTON");
  });
});
