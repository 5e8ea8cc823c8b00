import { afterEach, expect, test, vi } from "vitest";
import { call } from "./client";

const asked: Record<string, string>[] = [];

function answers(...all: Response[]) {
  asked.length = 0;
  vi.stubGlobal("fetch", async (_path: string, options: { headers: Record<string, string> }) => {
    asked.push(options.headers);
    return all.shift();
  });
}

const page = (tasks: number, tag: string) =>
  Response.json({ tasks }, { headers: { ETag: `"${tag}"` } });
const asItWas = () => new Response(null, { status: 304 });

afterEach(() => vi.unstubAllGlobals());

test("what hasn’t changed is the same answer, and what has is the new one", async () => {
  answers(page(1, "a"), asItWas(), page(2, "b"), asItWas());
  const first = await call("/page");
  expect(await call("/page")).toBe(first);
  expect(await call("/page")).toEqual({ tasks: 2 });
  expect(await call("/page")).toEqual({ tasks: 2 });
  expect(asked.map((headers) => headers["If-None-Match"])).toEqual([
    undefined,
    '"a"',
    '"a"',
    '"b"',
  ]);
});

test("nobody is shown what another asked for on the same device", async () => {
  answers(page(1, "mia"), page(2, "noah"), asItWas());
  const mia = { headers: { Authorization: "Bearer mia" } };
  const noah = { headers: { Authorization: "Bearer noah" } };
  await call("/mine", mia);
  expect(await call("/mine", noah)).toEqual({ tasks: 2 });
  expect(asked[1]?.["If-None-Match"]).toBeUndefined();
  expect(await call("/mine", mia)).toEqual({ tasks: 1 });
});

test("what was answered without a tag is asked for whole", async () => {
  answers(page(1, "a"), Response.json({ tasks: 2 }), page(3, "c"));
  await call("/other");
  await call("/other");
  await call("/other");
  expect(asked[2]?.["If-None-Match"]).toBeUndefined();
});
