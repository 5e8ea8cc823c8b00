import { NodeViewWrapper, type ReactNodeViewProps } from "@tiptap/react";
import { X } from "lucide-react";
import { useState } from "react";
import type { BlockUnion } from "../generated/types";
import { GrowingText } from "../ui/GrowingText";
import { words } from "../words/en";
import { FormulaDialog } from "./FormulaDialog";
import FormulaView from "./FormulaView";
import { PictureView } from "./PictureView";
import { SoundView } from "./SoundView";

/** A picture or a sound while it is written about: itself, and the words that stand for it. */
export function MediumNode({ node, updateAttributes, deleteNode, selected }: ReactNodeViewProps) {
  const block = node.attrs.block as BlockUnion;
  if (block.kind !== "picture" && block.kind !== "sound") return <NodeViewWrapper />;
  const picture = block.kind === "picture";
  const said = picture ? block.alt : block.words;
  return (
    <NodeViewWrapper
      contentEditable={false}
      className={`my-1 flex flex-wrap items-center gap-x-3 gap-y-1 rounded-[14px] border-2 border-line bg-base-100 p-2 text-base font-normal ${selected ? "group-focus-within/rich:border-primary" : ""}`}
    >
      <div data-drag-handle className="max-w-44 cursor-grab [&_.rich-picture]:max-h-24">
        {picture ? <PictureView picture={block} /> : <SoundView sound={block} />}
      </div>
      <GrowingText
        aria-label={picture ? words.rich.alt : words.rich.said}
        placeholder={picture ? words.rich.alt : words.rich.said}
        className="min-w-32 flex-1 resize-none rounded-[4px] border-b-2 border-line bg-transparent px-1.5 py-1.5 placeholder:text-soft"
        maxLength={500}
        value={said}
        onChange={({ target }) =>
          updateAttributes({
            block: picture ? { ...block, alt: target.value } : { ...block, words: target.value },
          })
        }
      />
      <button
        type="button"
        className="btn btn-ghost btn-square btn-sm text-soft"
        aria-label={words.rich.remove[block.kind]}
        onClick={deleteNode}
      >
        <X size={16} aria-hidden="true" />
      </button>
    </NodeViewWrapper>
  );
}

/** A formula in a line: pressing it opens the box in which its TeX is typed. */
export function FormulaNode({ node, updateAttributes, deleteNode, editor }: ReactNodeViewProps) {
  const [open, setOpen] = useState(false);
  const close = () => {
    setOpen(false);
    editor.commands.focus();
  };
  return (
    <NodeViewWrapper as="span" className="inline-block">
      <button
        type="button"
        aria-label={`${words.rich.formula}: ${node.attrs.tex}`}
        className="cursor-pointer rounded-[4px] px-1 hover:bg-base-200"
        onClick={() => setOpen(true)}
      >
        <FormulaView tex={node.attrs.tex} />
      </button>
      {open && (
        <FormulaDialog
          tex={node.attrs.tex}
          set={(tex) => {
            if (tex) updateAttributes({ tex });
            else deleteNode();
            close();
          }}
          onClose={close}
        />
      )}
    </NodeViewWrapper>
  );
}
