import { lazy, type ReactNode, Suspense } from "react";
import type { BlockUnion, InlineUnion, Run } from "../generated/types";
import { PictureView } from "./PictureView";
import { SoundView } from "./SoundView";
import type { Medium, Words } from "./words";

const FormulaView = lazy(() => import("./FormulaView"));

/**
 * Words as they are read. All of it is phrasing content, so that it can stand in a heading, a label
 * or a button. Where nothing may be pressed, sounds stand as what is heard in them.
 */
export function Rich({ words, still }: { words: Words; still?: boolean }) {
  if (typeof words === "string")
    return <span className="whitespace-pre-line wrap-anywhere">{words}</span>;
  return words.map((block, i) => (
    // biome-ignore lint/suspicious/noArrayIndexKey: blocks have no other name
    <BlockView key={i} block={block} still={still} />
  ));
}

function BlockView({ block, still }: { block: BlockUnion; still?: boolean }) {
  switch (block.kind) {
    case "paragraph":
      return (
        <span className="own-way block min-h-[1lh] whitespace-pre-line not-first:mt-[0.25em]">
          <Line content={block.content} />
        </span>
      );
    case "list":
      return (
        // biome-ignore lint/a11y/useSemanticElements: a list element can't stand in a label or a heading
        <span role="list" className="my-[0.15em] block pl-[1.4em] font-normal">
          {block.items.map((item, i) => (
            // biome-ignore lint/a11y/useSemanticElements: as above
            <span
              // biome-ignore lint/suspicious/noArrayIndexKey: items have no other name
              key={i}
              role="listitem"
              className={`own-way list-item whitespace-pre-line ${block.ordered ? "list-decimal" : "list-disc"}`}
            >
              <Line content={item.content} />
            </span>
          ))}
        </span>
      );
    case "picture":
      return <PictureView picture={block} />;
    case "sound":
      return still ? <span>♪ {block.words}</span> : <SoundView sound={block} />;
    default:
      return null;
  }
}

function Line({ content }: { content: InlineUnion[] }): ReactNode {
  return content.map((piece, i) => {
    switch (piece.kind) {
      case "text":
        // biome-ignore lint/suspicious/noArrayIndexKey: pieces have no other name
        return <RunView key={i} run={behind(content[i - 1], piece)} />;
      case "formula":
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: as above
          <Suspense key={i} fallback={<code>{piece.tex}</code>}>
            <span className="whitespace-nowrap">
              <FormulaView tex={piece.tex} />
              {stopOf(content[i + 1])}
            </span>
          </Suspense>
        );
      default:
        return null;
    }
  });
}

/** The stop behind a formula: it stays on the formula's line. */
const stopOf = (next?: InlineUnion) =>
  (next?.kind === "text" && /^[.,;:!?)\]]+/.exec(next.text)?.[0]) || "";

/** A piece without the stop that stands with the formula before it. */
function behind(before: InlineUnion | undefined, run: Run): Run {
  const stop = before?.kind === "formula" ? stopOf(run) : "";
  return stop ? { ...run, text: run.text.slice(stop.length) } : run;
}

const ELEMENTS = { bold: "strong", italic: "em", sub: "sub", sup: "sup" } as const;

function RunView({ run }: { run: Run }) {
  let styled: ReactNode = run.text;
  for (const style of run.styles) {
    const Element = ELEMENTS[style];
    if (Element) styled = <Element>{styled}</Element>;
  }
  if (!run.link) return styled;
  return (
    <a
      href={run.link}
      target="_blank"
      rel="noopener noreferrer"
      className="underline decoration-2 underline-offset-3"
    >
      {styled}
    </a>
  );
}

/** The pictures and sounds of a question, beside what is asked. */
export function MediaRow({ media }: { media: Medium[] }) {
  if (media.length === 0) return null;
  return (
    <div className="flex min-h-0 flex-wrap items-center justify-center gap-[var(--gap)]">
      {media.map((block, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a picture may be there twice
        <BlockView key={i} block={block} />
      ))}
    </div>
  );
}
