import type { BlockUnion, InlineUnion, Picture, Sound } from "../generated/types";

/** What a teacher writes: plain text, or blocks one below the other. */
export type Words = string | BlockUnion[];

export type Medium = Picture | Sound;

export const isMedium = (block: BlockUnion): block is Medium =>
  block.kind === "picture" || block.kind === "sound";

/** The pictures and sounds among words. */
export const mediaOf = (words: Words): Medium[] =>
  typeof words === "string" ? [] : words.filter(isMedium);

/** The words without pictures and sounds. */
export const sentenceOf = (words: Words): Words =>
  typeof words === "string" ? words : words.filter((block) => !isMedium(block));

const SIGNS: Record<string, string> = {
  times: "×",
  cdot: "·",
  div: "÷",
  circ: "°",
  pi: "π",
  le: "≤",
  ge: "≥",
  ne: "≠",
  pm: "±",
  sqrt: "√",
};

/** A formula on one line of text, as far as it can be read so. */
export const readTex = (tex: string): string =>
  tex
    .replace(/\\d?frac\s*\{([^{}]*)\}\s*\{([^{}]*)\}/g, "($1)/($2)")
    .replace(/\((\w+)\)/g, "$1")
    .replace(/\^\s*\{?\s*\\circ\s*\}?/g, "°")
    .replace(/\\([a-zA-Z]+)/g, (_, name: string) => SIGNS[name] ?? name)
    .replace(/[{}]/g, "");

const lineOf = (content: InlineUnion[]) =>
  content
    .map((piece) => (piece.kind === "formula" ? readTex(piece.tex) : (piece.text ?? "")))
    .join("");

function blockText(block: BlockUnion): string {
  switch (block.kind) {
    case "paragraph":
      return lineOf(block.content);
    case "list":
      return block.items.map((item) => lineOf(item.content)).join("\n");
    case "picture":
      return block.alt.trim();
    case "sound":
      return block.words.trim();
    default:
      return "";
  }
}

/** The words as plain text, with what stands for pictures and sounds. */
export const plainOf = (words: Words): string =>
  typeof words === "string"
    ? words
    : words
        .map(blockText)
        .filter((text) => text.trim())
        .join("\n");

/** Whether there is nothing to read, to look at or to hear. */
export const isBlank = (words: Words): boolean =>
  typeof words === "string" ? !words.trim() : mediaOf(words).length === 0 && !plainOf(words).trim();

/** Plain text where that says all; otherwise the blocks. */
export function simplest(blocks: BlockUnion[]): Words {
  const lines: string[] = [];
  for (const block of blocks) {
    if (block.kind !== "paragraph") return blocks;
    for (const piece of block.content) {
      if (piece.kind !== "text" || piece.styles.length > 0 || piece.link) return blocks;
    }
    lines.push(lineOf(block.content));
  }
  return lines.join("\n");
}

/** Words as blocks: a line of plain text is a paragraph. */
export const blocksOf = (words: Words): BlockUnion[] =>
  typeof words === "string"
    ? words.split("\n").map((line) => ({ kind: "paragraph", content: line ? [run(line)] : [] }))
    : words;

const run = (text: string): InlineUnion => ({ kind: "text", text, styles: [] });

/** The words with one more block below; what was blank is gone then. */
export const withBlock = (words: Words, block: BlockUnion): Words => [
  ...(isBlank(words) ? [] : blocksOf(words)),
  block,
];

/** The words; nothing where they are empty. */
export const written = (words: Words): Words | undefined => (words === "" ? undefined : words);
