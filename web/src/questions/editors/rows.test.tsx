// @vitest-environment jsdom
import { cleanup, render, screen } from "@testing-library/react";
import { afterEach, expect, test } from "vitest";
import { words } from "../../words/en";
import { Rows } from "./rows";

afterEach(cleanup);

test("lines are counted from 1, the empty one at the end too", () => {
  render(
    <ul>
      <Rows
        texts={["cork", "stone"]}
        most={5}
        label={words.sheet.group}
        placeholder={() => ""}
        change={() => undefined}
        remove={() => undefined}
        next={() => undefined}
      />
    </ul>,
  );
  expect(screen.getAllByRole("textbox").map((field) => field.getAttribute("aria-label"))).toEqual([
    "Group 1",
    "Group 2",
    "Group 3",
  ]);
  expect(screen.getByRole("button", { name: words.sheet.removeRow("Group 2") })).toBeDefined();
});
