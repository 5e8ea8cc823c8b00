// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, render, screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import type { ItemsRead, Listed } from "../generated/types";
import { lists } from "../words/lists";
import { ListDialog } from "./ListDialog";
import { endedLines, isList } from "./lines";

// jsdom has no dialogs that are above the page.
beforeEach(() => {
  HTMLDialogElement.prototype.showModal = function open() {
    this.open = true;
  };
  HTMLDialogElement.prototype.close = function close() {
    this.open = false;
  };
});

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const read = (names: string[], reading: ItemsRead["list"]["reading"]): ItemsRead => ({
  text: "",
  list: {
    reading,
    items: names.map((name) => ({ names: [name], right: false })),
    lines: names.map((name, i) => ({ place: i + 1, text: name, role: "item", names: [name] })),
  },
});

const answers = (body: unknown) =>
  new Response(JSON.stringify(body), { headers: { "Content-Type": "application/json" } });

function open(text: string, takeIn: (items: Listed[]) => void = () => undefined, most = 9) {
  render(
    <QueryClientProvider client={new QueryClient()}>
      <ListDialog text={text} of="things" most={most} takeIn={takeIn} onClose={() => undefined} />
    </QueryClientProvider>,
  );
}

test("the other reading is one press away, and what is taken in is what was seen", async () => {
  const asked: string[] = [];
  vi.stubGlobal("fetch", (path: string) => {
    asked.push(path);
    const each = path.includes("reading=each");
    return Promise.resolve(
      answers(each ? read(["kettle", "pot"], "each") : read(["kettle"], "names")),
    );
  });
  const taken: Listed[][] = [];
  open("kettle, pot\nkettle", (items) => taken.push(items));
  await screen.findByRole("button", { name: lists.take(1) });
  await userEvent.click(screen.getByRole("button", { name: lists.readings.each }));
  await userEvent.click(await screen.findByRole("button", { name: lists.take(2) }));
  expect(taken.flat().map(({ names }) => names[0])).toEqual(["kettle", "pot"]);
  expect(asked.at(-1)).toContain("reading=each");
});

test("without network the list stays, and is read once there is one", async () => {
  let online = false;
  vi.stubGlobal("fetch", () =>
    online ? Promise.resolve(answers(read(["kettle"], "names"))) : Promise.reject(new TypeError()),
  );
  open("kettle\nkettle");
  await screen.findByRole("alert");
  expect(screen.getByRole<HTMLTextAreaElement>("textbox").value).toBe("kettle\nkettle");
  expect(screen.getByRole<HTMLButtonElement>("button", { name: lists.take(0) }).disabled).toBe(
    true,
  );
  online = true;
  await waitFor(() => screen.getByRole("button", { name: lists.take(1) }), { timeout: 9_000 });
  expect(screen.queryByRole("alert")).toBeNull();
}, 15_000);

test("what there is no room for is said", async () => {
  vi.stubGlobal("fetch", () => Promise.resolve(answers(read(["a", "b", "c"], "names"))));
  open("a\nb\nc", undefined, 2);
  await screen.findByRole("button", { name: lists.take(2) });
  expect(screen.getByText(lists.full(2))).toBeDefined();
});

test("a list has several lines or cells, however its lines end", () => {
  expect(endedLines("a\r\nb\vc\u2028d")).toBe("a\nb\nc\nd");
  expect(isList("a\vb")).toBe(true);
  expect(isList("a\tb")).toBe(true);
  expect(isList(" a, b\n")).toBe(false);
});
