// @vitest-environment jsdom
import { act, cleanup, render, screen } from "@testing-library/react";
import { useState } from "react";
import { afterEach, expect, test } from "vitest";
import { usePageTitle } from "./usePageTitle";

afterEach(cleanup);

function Place({ name, go }: { name: string; go: () => void }) {
  usePageTitle(name);
  return (
    <main>
      <h1>{name}</h1>
      <button type="button" onClick={go}>
        Go
      </button>
      <input aria-label="Search" />
    </main>
  );
}

function Places() {
  const [at, setAt] = useState("first");
  return <Place key={at} name={at} go={() => setAt("second")} />;
}

test("a place that comes has the focus, for what had it is gone", () => {
  render(<Places />);
  const go = screen.getByRole("button");
  go.focus();
  act(() => go.click());
  expect(document.activeElement).toBe(screen.getByRole("heading", { name: "second" }));
});

test("where somebody writes, the focus stays", () => {
  const { rerender } = render(<Place name="one" go={() => undefined} />);
  screen.getByLabelText("Search").focus();
  rerender(<Place name="another" go={() => undefined} />);
  expect(document.activeElement).toBe(screen.getByLabelText("Search"));
});
