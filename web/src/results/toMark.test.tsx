// @vitest-environment jsdom
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, expect, test, vi } from "vitest";
import type { ToMark } from "../generated/types";
import { ToMarkList } from "./ToMarkList";

afterEach(cleanup);

const wrote = (sitting: string, name: string, text: string, asked = "Why?") =>
  ({
    sitting,
    learner: 0,
    name,
    answer: {
      question: { id: asked, worth: 10, text: asked, help: { price: 0 } },
      told: { verdict: "given", points: 0, response: { kind: "typed", text } },
      hints: 0,
    },
  }) as unknown as ToMark;

test("equal answers are marked together, and names can be hidden", async () => {
  const sent: string[] = [];
  vi.stubGlobal("fetch", async (path: string) => {
    sent.push(path);
    return new Response("{}", { status: 200 });
  });
  const marked = vi.fn();
  render(
    <ToMarkList
      waiting={[
        wrote("one", "Ada", "To keep warm."),
        wrote("two", "Ben", "For fun"),
        wrote("three", "Cleo", "to keep  warm"),
        wrote("four", "Ada", "To keep warm"),
      ]}
      marked={marked}
      say={() => undefined}
    />,
  );
  expect(screen.getAllByRole("listitem")).toHaveLength(2);
  expect(screen.getByText("Ada (2 goes) and Cleo")).toBeDefined();

  await userEvent.click(screen.getByLabelText("Hide the names"));
  expect(screen.queryByText(/Ada/)).toBeNull();
  await userEvent.type(screen.getByLabelText(/^Points for 3 learners/), "7{Enter}");
  expect(sent).toEqual(["one", "three", "four"].map((one) => `/api/results/${one}/marks`));
  expect(marked.mock.calls[0]?.[0]).toHaveLength(3);
});

test("all that one learner wrote can be marked before the next", async () => {
  const sent: string[] = [];
  vi.stubGlobal("fetch", async (path: string) => {
    sent.push(path);
    return new Response("{}", { status: 200 });
  });
  render(
    <ToMarkList
      waiting={[
        wrote("one", "Ada", "Warm"),
        wrote("one", "Ada", "Cold", "When?"),
        wrote("two", "Ben", "Warm"),
      ]}
      marked={() => undefined}
      say={() => undefined}
    />,
  );
  await userEvent.selectOptions(screen.getByLabelText(/^In which order/), "learner by learner");
  expect(screen.getAllByRole("heading", { level: 3 }).map((one) => one.textContent)).toEqual([
    "Ada",
    "Ben",
  ]);
  expect(screen.getAllByText(/W(hy|hen)\?/)).toHaveLength(3);
  await userEvent.type(screen.getAllByLabelText(/^Points for Ada/)[1] as HTMLElement, "5{Enter}");
  expect(sent).toEqual(["/api/results/one/marks"]);
});
