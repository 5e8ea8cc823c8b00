import { readTex } from "../rich/words";

/** A piece of what is read: its place in the text, and where it stands on the page. */
interface Piece {
  start: number;
  end: number;
  node: Node;
}

/** What is read of a part of the page, and what of it a place in the text belongs to. */
export interface Readable {
  text: string;
  /** Where the word stands that begins there. */
  rangeAt: (start: number) => Range | undefined;
}

const SKIPPED = "[aria-hidden=true], .sr-only, button, select, audio";

/**
 * What can be read aloud within some elements, one after the other: their words, formulas as they are
 * said, and what pictures show.
 */
export function readableOf(elements: Iterable<Element>): Readable {
  let text = "";
  const pieces: Piece[] = [];
  const add = (said: string, node: Node) => {
    pieces.push({ start: text.length, end: text.length + said.length, node });
    text += said;
  };
  const walk = (node: Node) => {
    if (node instanceof Text) return add(node.data, node);
    if (!(node instanceof Element) || node.matches(SKIPPED)) return;
    if (node instanceof HTMLElement && node.dataset.formula !== undefined) {
      return add(readTex(node.dataset.formula), node);
    }
    if (node instanceof HTMLImageElement) return add(node.alt, node);
    node.childNodes.forEach(walk);
    if (node.matches(".block, li, p, [role=listitem]")) text += " ";
  };
  for (const element of elements) {
    walk(element);
    text += /[.!?:]\s*$/.test(text) ? " " : ". ";
  }
  return { text, rangeAt: (start) => rangeAt(pieces, text, start) };
}

function rangeAt(pieces: Piece[], text: string, start: number): Range | undefined {
  const length = /^\S*/.exec(text.slice(start))?.[0].length ?? 0;
  const first = pieces.find((piece) => start >= piece.start && start < piece.end);
  if (!first) return undefined;
  const range = document.createRange();
  if (!(first.node instanceof Text)) {
    range.selectNode(first.node);
    return range;
  }
  const end = Math.min(start + length, first.end);
  range.setStart(first.node, start - first.start);
  range.setEnd(first.node, end - first.start);
  return range;
}
