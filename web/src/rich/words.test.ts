import { expect, test } from "vitest";
import type { BlockUnion } from "../generated/types";
import { blocksOfDocument, documentOf } from "./document";
import { isBlank, plainOf, readTex, sentenceOf, simplest, withBlock } from "./words";

const text = (words: string, ...styles: ("bold" | "italic" | "sub" | "sup")[]) =>
  ({ kind: "text", text: words, styles }) as const;

const water: BlockUnion[] = [
  {
    kind: "paragraph",
    content: [text("H"), text("2", "sub"), text("O\nis wet "), { kind: "formula", tex: "m_w" }],
  },
  { kind: "paragraph", content: [] },
  {
    kind: "list",
    ordered: true,
    items: [{ content: [{ ...text("cold", "bold"), link: "https://example.org" }] }],
  },
  { kind: "picture", medium: "drop", alt: "A drop", width: 640, height: 480 },
  { kind: "sound", medium: "splash", words: "It drips", millis: 900 },
];

test("words go into the editor and come out the same", () => {
  expect(blocksOfDocument(documentOf(water))).toEqual(water);
});

test("what a newer version wrote goes through the editor as it came", () => {
  const dance = { kind: "dance", steps: 8 } as unknown as BlockUnion;
  expect(blocksOfDocument(documentOf([dance]))).toEqual([dance]);
});

test("what is plain text is kept as plain text, line by line", () => {
  const plain: BlockUnion[] = [
    { kind: "paragraph", content: [text("One bee")] },
    { kind: "paragraph", content: [text("Two bees")] },
  ];
  expect(simplest(plain)).toBe("One bee\nTwo bees");
  expect(simplest(water)).toBe(water);
  expect(simplest(blocksOfDocument(documentOf(plain)))).toBe("One bee\nTwo bees");
});

test("words read as plain text with what stands for pictures and sounds", () => {
  expect(plainOf(water)).toBe("H2O\nis wet m_w\ncold\nA drop\nIt drips");
  expect(plainOf(sentenceOf(water))).toBe("H2O\nis wet m_w\ncold");
});

test("a picture alone is not blank; a block is added below what is there", () => {
  const picture = water[3] as BlockUnion;
  expect(isBlank([picture])).toBe(false);
  expect(isBlank([{ kind: "paragraph", content: [] }])).toBe(true);
  expect(withBlock("", picture)).toEqual([picture]);
  expect(withBlock("Which?", picture)).toEqual([
    { kind: "paragraph", content: [text("Which?")] },
    picture,
  ]);
});

test("a formula can be read on one line", () => {
  expect(readTex("\\frac{4 \\times 180^\\circ}{6}")).toBe("(4 × 180°)/6");
  expect(readTex("\\sqrt{9}")).toBe("√9");
});
