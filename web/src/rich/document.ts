import type { JSONContent } from "@tiptap/core";
import type { BlockUnion, InlineUnion, Item, Run, Style } from "../generated/types";

/** Between the editor's document and the tree that is kept. What one doesn't know falls away. */

const STYLES: Style[] = ["bold", "italic", "sub", "sup"];

const MARKS: Record<Style, string> = {
  bold: "bold",
  italic: "italic",
  sub: "subscript",
  sup: "superscript",
};

/** The tree as the editor's document. */
export const documentOf = (blocks: BlockUnion[]): JSONContent => ({
  type: "doc",
  content: blocks.length > 0 ? blocks.flatMap(nodeOf) : [{ type: "paragraph" }],
});

function nodeOf(block: BlockUnion): JSONContent[] {
  switch (block.kind) {
    case "paragraph":
      return [{ type: "paragraph", content: block.content.flatMap(pieceNodes) }];
    case "list":
      return [
        {
          type: block.ordered ? "orderedList" : "bulletList",
          content: block.items.map((item) => ({
            type: "listItem",
            content: [{ type: "paragraph", content: item.content.flatMap(pieceNodes) }],
          })),
        },
      ];
    case "picture":
    case "sound":
      return [{ type: block.kind, attrs: { block } }];
    default:
      return [{ type: "kept", attrs: { block } }];
  }
}

function pieceNodes(piece: InlineUnion): JSONContent[] {
  if (piece.kind === "formula") return [{ type: "formula", attrs: { tex: piece.tex } }];
  if (piece.kind !== "text" || !piece.text) return [];
  const marks: JSONContent["marks"] = piece.styles.map((style) => ({ type: MARKS[style] }));
  if (piece.link) marks.push({ type: "link", attrs: { href: piece.link } });
  return piece.text
    .split("\n")
    .flatMap((text, i): JSONContent[] => [
      ...(i > 0 ? [{ type: "hardBreak" }] : []),
      ...(text ? [{ type: "text", text, marks }] : []),
    ]);
}

/** The editor's document as the tree. Empty paragraphs at its end are only where one could write. */
export function blocksOfDocument(document: JSONContent): BlockUnion[] {
  const blocks = (document.content ?? []).flatMap(blockOf);
  while (blocks.length > 0 && isEmpty(blocks.at(-1))) blocks.pop();
  return blocks;
}

const isEmpty = (block?: BlockUnion) => block?.kind === "paragraph" && block.content.length === 0;

function blockOf(node: JSONContent): BlockUnion[] {
  switch (node.type) {
    case "paragraph":
      return [{ kind: "paragraph", content: piecesOf(node) }];
    case "bulletList":
    case "orderedList":
      return [
        {
          kind: "list",
          ordered: node.type === "orderedList",
          items: (node.content ?? []).map(
            (item): Item => ({ content: (item.content ?? []).flatMap(piecesOf) }),
          ),
        },
      ];
    case "picture":
    case "sound":
    case "kept":
      return [node.attrs?.block as BlockUnion];
    default:
      return [];
  }
}

function piecesOf(node: JSONContent): InlineUnion[] {
  const pieces: InlineUnion[] = [];
  for (const child of node.content ?? []) {
    if (child.type === "formula") {
      pieces.push({ kind: "formula", tex: String(child.attrs?.tex ?? "") });
      continue;
    }
    const run = child.type === "hardBreak" ? breakAfter(pieces.at(-1)) : runOf(child);
    const last = pieces.at(-1);
    if (last?.kind === "text" && sameLook(last, run)) {
      pieces[pieces.length - 1] = { ...last, text: last.text + run.text };
    } else pieces.push(run);
  }
  return pieces;
}

/** A new line goes with the text before it. */
const breakAfter = (before?: InlineUnion): Run =>
  before?.kind === "text" ? { ...before, text: "\n" } : { kind: "text", text: "\n", styles: [] };

function runOf(node: JSONContent): Run {
  const marks = node.marks ?? [];
  const styles = STYLES.filter((style) => marks.some((mark) => mark.type === MARKS[style]));
  const link = marks.find((mark) => mark.type === "link")?.attrs?.href as string | undefined;
  return { kind: "text", text: node.text ?? "", styles, ...(link && { link }) };
}

const sameLook = (one: Run, other: Run) =>
  one.link === other.link && one.styles.join() === other.styles.join();
