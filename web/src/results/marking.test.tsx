// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, render, screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, expect, test, vi } from "vitest";
import type { PlayedGame, Reviewed } from "../generated/types";
import { Marking } from "./Marking";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const answer = {
  question: { id: "q1", worth: 10, text: "Why?", help: { price: 0 } },
  told: { verdict: "wrong", points: 0, comment: "Look again", markedAnew: false },
  marking: "at-once",
  mark: 0,
} as unknown as Reviewed;

const ada = { sitting: "ada", learner: 1, name: "Ada" } as unknown as PlayedGame;

const ben = { sitting: "ben", learner: 2, name: "Ben", mark: 4 };

function marking(alike: unknown, status = 200) {
  const sent: { path: string; points: number; comment?: string }[] = [];
  vi.stubGlobal("fetch", async (path: string, options?: { body?: string }) => {
    if (path.includes("/alike/")) return new Response(JSON.stringify(alike), { status });
    const { points, comment } = JSON.parse(options?.body ?? "{}").action;
    sent.push({ path, points, comment });
    return new Response("{}", { status: 200 });
  });
  render(
    <QueryClientProvider
      client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}
    >
      <Marking activity="bees" game={ada} answer={answer} changed={() => undefined} />
    </QueryClientProvider>,
  );
  return sent;
}

test("a mark is changed for all who gave the same answer, and undone for each", async () => {
  const sent = marking({ answers: [ben], running: 1 });
  await userEvent.click(screen.getByRole("button", { name: "Change the mark" }));
  const all = await screen.findByRole("button", { name: "all" });
  expect(document.activeElement).toBe(screen.getByLabelText(/^Points for Ada and Ben/));
  await userEvent.click(all);
  expect(screen.getByText(/One more gave this answer and is still playing/)).toBeDefined();
  await userEvent.click(screen.getByRole("button", { name: "Save mark for 2" }));
  expect(await screen.findByText("Ada and Ben: 10 of 10.")).toBeDefined();
  await waitFor(() => expect(document.activeElement?.textContent).toBe("Change the mark"));
  expect(sent).toEqual([
    { path: "/api/results/ada/marks/alike", points: 10, comment: "Look again" },
  ]);

  await userEvent.click(screen.getByRole("button", { name: "Undo" }));
  await waitFor(() => expect(sent).toHaveLength(3));
  expect(sent.slice(1)).toEqual([
    { path: "/api/results/ben/marks", points: 4, comment: undefined },
    { path: "/api/results/ada/marks", points: 0, comment: "Look again" },
  ]);
  await waitFor(() => expect(screen.queryByText(/10 of 10/)).toBeNull());
});

test("it is changed for one alone, and Escape leaves it as it is", async () => {
  const sent = marking({ answers: [ben], running: 0 });
  await userEvent.click(screen.getByRole("button", { name: "Change the mark" }));
  await userEvent.click(await screen.findByRole("button", { name: "Ada alone" }));
  await userEvent.keyboard("{Escape}");
  expect(screen.queryByRole("button", { name: "Save mark" })).toBeNull();
  await waitFor(() => expect(document.activeElement?.textContent).toBe("Change the mark"));
  await userEvent.click(screen.getByRole("button", { name: "Change the mark" }));
  await userEvent.click(await screen.findByRole("button", { name: "Ada alone" }));
  await userEvent.type(screen.getByLabelText(/^Points for Ada/), "{Backspace}7{Enter}");
  await waitFor(() => expect(sent[0]?.path).toBe("/api/results/ada/marks"));
  expect(sent[0]?.points).toBe(7);
});

test("where others can't be read it is changed for one, and says so", async () => {
  marking({}, 503);
  await userEvent.click(screen.getByRole("button", { name: "Change the mark" }));
  expect(await screen.findByText(/this mark is for one/)).toBeDefined();
  expect(screen.getByRole("button", { name: "Save mark" })).toBeDefined();
});
