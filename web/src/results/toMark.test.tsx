// @vitest-environment jsdom
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, expect, test, vi } from "vitest";
import type { ToMark } from "../generated/types";
import { ToMarkList } from "./ToMarkList";

afterEach(cleanup);

const wrote = (sitting: string, name: string, text: string) =>
  ({
    sitting,
    learner: 0,
    name,
    answer: {
      question: { id: "q", worth: 10, text: "Why?", help: { price: 0 } },
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
      ]}
      marked={marked}
      say={() => undefined}
    />,
  );
  expect(screen.getAllByRole("listitem")).toHaveLength(2);
  expect(screen.getByText("Ada and Cleo")).toBeDefined();

  await userEvent.click(screen.getByLabelText("Hide the names"));
  expect(screen.queryByText(/Ada/)).toBeNull();
  await userEvent.type(screen.getByLabelText(/^Points for 2 learners/), "7{Enter}");
  expect(sent).toEqual(["/api/results/one/marks", "/api/results/three/marks"]);
  expect(marked.mock.calls[0]?.[0]).toHaveLength(2);
});
