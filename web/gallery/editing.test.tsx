// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen, waitFor, within } from "@testing-library/react";
import userEvent, { type UserEvent } from "@testing-library/user-event";
import { createMemoryRouter, RouterProvider } from "react-router";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import flowers from "../../server/src/main/resources/demo/1-from-flower-to-honey.json";
import weeks from "../../server/src/main/resources/demo/2-three-weeks-in-a-cell.json";
import { keys } from "../src/api/teacher";
import BuildPage from "../src/build/BuildPage";
import { merged } from "../src/engine/LocalGame";
import { allGames } from "../src/games";
import type { Activity } from "../src/generated/types";
import { fetchDragging } from "../src/questions/answers/AnswerField";

let user: UserEvent;
/** What reached the server last. */
let saved: Activity;

beforeEach(async () => {
  await fetchDragging();
  vi.stubGlobal("matchMedia", () => ({ matches: false, addEventListener: () => undefined }));
  vi.stubGlobal("fetch", async (_: string, sent: RequestInit) => {
    if (sent.method !== "PUT") return new Response(null, { status: 404 });
    saved = JSON.parse(String(sent.body));
    return Response.json({ version: 2, savedAt: new Date().toISOString() });
  });
  // What jsdom leaves out.
  Element.prototype.scrollIntoView = () => undefined;
  HTMLDialogElement.prototype.showModal = function () {
    this.open = true;
  };
  HTMLDialogElement.prototype.close = function () {
    this.open = false;
  };
  vi.stubGlobal("CSS", { escape: (text: string) => text });
  localStorage.clear();
  user = userEvent.setup();
});

afterEach(cleanup);

/** Opens the editor as the server would answer. */
async function open(written: unknown) {
  const activity = merged(written as Activity, written as Activity, []);
  const queries = new QueryClient();
  const stored = { id: "a", version: 1, savedAt: new Date().toISOString(), activity };
  queries.setQueryData(keys.activity("a"), stored);
  const routes = [{ path: "/build/:id", element: <BuildPage /> }];
  const router = createMemoryRouter(routes, { initialEntries: ["/build/a"] });
  render(
    <QueryClientProvider client={queries}>
      <RouterProvider router={router} />
    </QueryClientProvider>,
  );
  await screen.findByText(/^Sheet · /);
  await waitFor(() => expect(stage().textContent).not.toBe(""));
}

function blank() {
  const activity = allGames[0]?.starts[0]?.blank("first") as Activity;
  return { ...activity, titlePage: { ...activity.titlePage, title: "By hand" } };
}

const stage = () => screen.getByLabelText("Live game");
const strip = () => screen.getByLabelText("Readiness");
const question = () => document.querySelector("fieldset textarea") as HTMLTextAreaElement;
const heading = () => document.querySelector(".stage h2")?.textContent;
const says = (place: () => HTMLElement, text: string) =>
  waitFor(() => expect(place().textContent).toContain(text));
const sheetSays = (text: string) => waitFor(() => screen.getByText(text));

function button(name: string, place: ParentNode = document): HTMLElement {
  const found = [...place.querySelectorAll("button")].find(
    (b) => (b.getAttribute("aria-label") ?? b.textContent)?.trim() === name,
  );
  if (!found) throw new Error(`There is no button ${name}`);
  return found;
}

const fill = async (label: string, text: string) => into(await screen.findByLabelText(label), text);
const select = async (label: string, option: string) =>
  user.selectOptions(await screen.findByLabelText(label), option);

/** Writes a whole text at once: key by key takes jsdom long. */
function into(field: Element | null, text: string) {
  (field as HTMLElement).focus();
  fireEvent.change(field as Element, { target: { value: text } });
}

/** From this field on a line for each text, with Enter before each. */
async function rows(from: Element | null, ...texts: string[]) {
  (from as HTMLElement).focus();
  for (const text of texts) {
    await user.keyboard("{Enter}");
    into(document.activeElement, text);
  }
}

/** Writes into the open question with the keyboard alone; the first option is the right one. */
async function write(text: string, right: string, ...wrong: string[]) {
  into(question(), text);
  await rows(question(), right);
  await user.keyboard("{Control>}{Enter}{/Control}");
  await rows(document.activeElement, ...wrong);
}

/** From the last option on to a new question. */
const next = () => user.keyboard("{Enter}{Enter}");

async function lookAtFindings() {
  await user.click(await waitFor(() => within(strip()).getByText(/things? to check/)));
}

/** The questions' texts in the order of the sheet. */
function lines() {
  const items = document.querySelectorAll("section[aria-labelledby=sheet] li");
  return [...items]
    .filter((item) => !item.parentElement?.closest("li"))
    .map(
      (item) =>
        item.querySelector("textarea")?.value ??
        item.querySelector("[data-line]")?.children[2]?.textContent,
    )
    .filter((text) => text !== undefined && text !== null);
}

test("a mend does what it says and can be undone", async () => {
  await open(blank());
  await write("What is wax for?", "building", "eating");
  await user.click(screen.getByLabelText("Option B is right"));
  await says(strip, "guessing alone always wins");
  await lookAtFindings();
  await user.click(await within(strip()).findByText("Keep the first as right"));

  await says(strip, "nothing to fix");
  expect(screen.getByLabelText("Option B is right").getAttribute("aria-pressed")).toBe("false");
  await user.click(screen.getByLabelText("Undo"));
  await says(strip, "2 options are marked right");
});

test("the strip says the chance of guessing and how long it takes", async () => {
  await open(blank());
  await write("Do bees dance?", "yes", "no");
  await says(strip, "guessing alone wins 50% of the time");

  await user.click(within(strip()).getByText("set the year group to estimate the time"));
  await select("Year group", "Year 4");
  await fill("pick one · usually 10", "300");
  await user.click(button("Done"));

  await says(strip, "about 5 min for Year 4");
});

test("the rules are sentences that say what follows", async () => {
  await open(flowers);
  await select("How many questions are asked", "7");
  await fill("Pass mark in per cent", "80");

  await sheetSays("— that is 6 of 7.");
  await says(strip, "wins with 56 points — 6 of 7 right");
  await user.click(screen.getByLabelText("Undo"));
  await user.click(screen.getByLabelText("Undo"));
  await says(strip, "wins with 70 points — 7 of 10 right");
});

test("everything can be undone and redone, and is saved", async () => {
  await open(blank());
  await write("Is this kept?", "yes", "no");
  await user.click(button("Remove"));
  await sheetSays("Sheet · 0 questions");
  await user.keyboard("{Control>}z{/Control}");
  await sheetSays("Sheet · 1 question");
  await user.keyboard("{Control>}y{/Control}");
  await sheetSays("Sheet · 0 questions");
  await user.keyboard("{Control>}z{/Control}");
  cleanup();
  expect(JSON.stringify(saved)).toContain("Is this kept?");
});

test("a question is moved, doubled, switched off, and an action found by its name", async () => {
  await open(blank());
  await write("First?", "yes", "no");
  await next();
  await write("Second?", "yes", "no");

  question().focus();
  await user.keyboard("{Alt>}{ArrowUp}{/Alt}");
  expect(lines()).toEqual(["Second?", "First?"]);
  expect(document.activeElement).toBe(question());
  await user.keyboard("{Control>}d{/Control}");
  expect(lines()).toEqual(["Second?", "Second?", "First?"]);
  await user.keyboard("{Control>}.{/Control}");
  await sheetSays("Switched off: kept here, not asked.");
  await says(strip, "of 2 right");

  await user.keyboard("{Control>}k{/Control}");
  await user.keyboard("off or");
  expect(document.querySelectorAll("dialog [role=option]")).toHaveLength(1);
  await user.keyboard("{Enter}");
  expect(screen.queryByText("Switched off: kept here, not asked.")).toBeNull();

  (document.querySelector("[data-line]") as HTMLElement).focus();
  await user.keyboard("?");
  expect(document.querySelector("dialog h2")?.textContent).toBe("Keys for this page");
});

test("several lines are selected and meant together", async () => {
  const four = ["First?", "Second?", "Third?", "Fourth?"].map((text, i) => ({
    ...flowers.game.questions[0],
    id: `q${i}`,
    text,
  }));
  await open({ ...blank(), game: { ...blank().game, questions: four } });
  (document.querySelector("[data-line]") as HTMLElement).focus();
  await user.keyboard("{Shift>}{ArrowDown}{/Shift}");
  await sheetSays("2 selected");
  await user.keyboard("{Alt>}{ArrowDown}{/Alt}");
  expect(lines()).toEqual(["Third?", "First?", "Second?", "Fourth?"]);
  await user.keyboard("{Control>}.{/Control}");
  await says(strip, "of 2 right");
  await user.keyboard("{Control>}d{/Control}");
  await sheetSays("Sheet · 2 questions, 4 switched off");
  await user.click(button("Remove"));
  await sheetSays("Sheet · 2 questions, 2 switched off");
  await user.keyboard("{Control>}z{/Control}");
  await sheetSays("Sheet · 2 questions, 4 switched off");
});

test("the live game keeps its place while the sheet is edited", async () => {
  await open(weeks);
  await user.click(button("Answer right"));
  await says(stage, "+10 points");
  const asked = heading();
  await fill("Title", "Three weeks, then");
  await waitFor(() => expect(document.title).toContain("then"));
  expect(heading()).toBe(asked);
  expect(stage().textContent).toContain("+10 points");
});

test("a true or false question is written and played beside", async () => {
  await open(blank());
  await select("Kind of question", "true-false");
  into(question(), "Drones have no sting.");
  await user.click(button("It is true"));
  await user.click(document.querySelector(".stage label") as HTMLElement);
  await user.click(button("Answer"));
  await says(stage, "+10 points");
});

test("an option that is pinned stays in its place in each new game", async () => {
  await open(blank());
  await write("Which?", "one", "two", "three", "none of these");
  await says(strip, "1 thing to check");
  await lookAtFindings();
  await user.click(within(strip()).getByText("Pin it at the end"));
  await says(strip, "nothing to fix");

  for (let i = 0; i < 4; i++) {
    await user.click(button("Again"));
    await select("Jump to", "1  Which?");
    expect([...stage().querySelectorAll("label")].at(-1)?.textContent).toContain("none of these");
  }
});

/** Each kind: how it is written, and what is then seen beside it and on its closed line. */
const KINDS: Record<string, { text: string; write: () => Promise<unknown>; seen: () => unknown }> =
  {
    "typed answer": {
      text: "What covers a honey cell?",
      write: async () => {
        question().focus();
        await user.keyboard("{Enter}wax");
        await fill("Try an answer", "Wax!");
        await screen.findByText("Right: “wax”, apart from capitals, spaces or punctuation.");
        await fill("Try an answer", "wac");
        await screen.findByText("Not right: none of your answers.");
      },
      seen: () => within(stage()).getByLabelText("Your answer"),
    },
    number: {
      text: "How much honey is in two jars of half a kilo?",
      write: async () => {
        await fill("The right number", "1");
        await fill("Unit", "kg");
        await fill("Try an answer", "1,0 g");
        await screen.findByText(/the number is right, but with another unit than 1/);
      },
      seen: () => within(stage()).getByLabelText("Your number"),
    },
    "gaps in a sentence": {
      text: "Bees make [honey] and [wax].",
      write: async () => fill("Words that fit nowhere", "milk"),
      seen: () => within(stage()).getByText("milk"),
    },
    "put in order": {
      text: "From small to large",
      write: () => rows(question(), "egg", "larva", "bee"),
      seen: () => within(stage()).getByText("larva"),
    },
    "match pairs": {
      text: "What belongs together?",
      write: async () => {
        await fill("Pair 1, left", "queen");
        await fill("Pair 1, right", "eggs");
        await fill("Pair 2, left", "drone");
        await fill("Pair 2, right", "no sting");
      },
      seen: () => within(stage()).getByText("no sting"),
    },
    "sort into groups": {
      text: "Alive or made?",
      write: async () => {
        await rows(question(), "alive", "made");
        await fill("Card 1 for alive", "bee");
        await fill("Card 2 for alive", "larva");
        await fill("Card 1 for made", "comb");
      },
      seen: () => within(stage()).getByText("comb"),
    },
    "pick all that apply": {
      text: "Which are bees?",
      write: async () => {
        await rows(question(), "queen", "drone", "wasp");
        await user.click(screen.getByLabelText("Option A is right"));
        await user.click(screen.getByLabelText("Option B is right"));
        await select("What a partly right answer earns", "each right part counts");
      },
      seen: () => within(stage()).getByText("wasp"),
    },
    "free answer": {
      text: "What is honey for?",
      write: async () => fill("Model answer (only you see it)", "For the winter"),
      seen: () => within(stage()).getByLabelText("Write what you think"),
    },
  };

test.each(Object.entries(KINDS))("%s is written, and is there beside it", async (kind, how) => {
  await open(blank());
  await select("Kind of question", kind);
  into(question(), how.text);
  await how.write();
  await waitFor(how.seen);
  // Whoever leaves leaves nothing behind.
  cleanup();
  expect(JSON.stringify(saved)).toContain(how.text);
});
