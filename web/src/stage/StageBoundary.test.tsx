// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, expect, test, vi } from "vitest";
import { StageBoundary } from "./StageBoundary";

afterEach(cleanup);

let breaks = true;
function Stage() {
  if (breaks) throw new Error("a picture that is none");
  return <p>The hive</p>;
}

const stageAt = (turn: string) => (
  <main>
    <h1>The sheet</h1>
    <StageBoundary turn={turn}>
      <Stage />
    </StageBoundary>
  </main>
);

test("a stage that breaks takes nothing else with it, and says how to go on", () => {
  vi.spyOn(console, "error").mockImplementation(() => undefined);
  breaks = true;
  const { rerender } = render(stageAt("question 1"));
  expect(screen.getByText("The sheet")).toBeTruthy();
  expect(screen.getByRole("alert").textContent).toContain("What was played is kept");

  breaks = false;
  fireEvent.click(screen.getByRole("button"));
  expect(screen.getByText("The hive")).toBeTruthy();

  breaks = true;
  rerender(stageAt("question 1"));
  expect(screen.getByRole("alert")).toBeTruthy();
  breaks = false;
  rerender(stageAt("question 2"));
  expect(screen.getByText("The hive")).toBeTruthy();
});
