/// <reference types="vite/client" />
import { expect, test } from "vitest";

const files = import.meta.glob("./**/*.{ts,tsx}", {
  query: "?raw",
  import: "default",
  eager: true,
}) as Record<string, string>;

/** What a file imports of our own, types too. Circles are Biome's to find. */
function importsOf(file: string): string[] {
  const text = files[file] ?? "";
  return [...text.matchAll(/(?:from |import\()"(\.[^"]*)"/g)].flatMap(([, to]) =>
    resolved(file, to ?? ""),
  );
}

function resolved(file: string, to: string): string[] {
  const parts = file.split("/").slice(0, -1);
  for (const step of to.split("/")) {
    if (step === "..") parts.pop();
    else if (step !== ".") parts.push(step);
  }
  const path = parts.join("/");
  return [path, `${path}.ts`, `${path}.tsx`, `${path}/index.ts`, `${path}/index.tsx`].filter(
    (candidate) => candidate in files,
  );
}

const ours = Object.keys(files).filter((file) => !/\.test\.|generated/.test(file));

test("nothing outside of games knows one of them", () => {
  const known = ours
    .filter((file) => !file.startsWith("./games/"))
    .flatMap((file) => importsOf(file).map((to) => `${file} knows ${to}`))
    .filter((line) => /knows \.\/games\/[^/]+\//.test(line));

  expect(known).toEqual([]);
});

test("games don't know each other", () => {
  const gameOf = (file: string) => /^\.\/games\/([^/]+)\//.exec(file)?.[1];
  const known = ours.flatMap((file) =>
    importsOf(file)
      .filter((to) => gameOf(file) && gameOf(to) && gameOf(file) !== gameOf(to))
      .map((to) => `${file} knows ${to}`),
  );

  expect(known).toEqual([]);
});
