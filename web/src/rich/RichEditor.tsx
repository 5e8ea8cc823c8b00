import { NodeSelection } from "@tiptap/pm/state";
import { type Editor, EditorContent, useEditor } from "@tiptap/react";
import { useEffect, useRef, useState } from "react";
import { Picking } from "../media/Picking";
import { blockOf, upload } from "../media/upload";
import { words } from "../words/en";
import { behindSelected } from "./behind";
import { blocksOfDocument, documentOf } from "./document";
import { FormulaDialog } from "./FormulaDialog";
import { LinkDialog } from "./LinkDialog";
import { picturesIn, withoutPictures } from "./pasted";
import { placeholder, schema } from "./schema";
import { type Opens, Toolbar } from "./Toolbar";
import type { WordsFieldProps } from "./WordsField";
import { blocksOf, simplest, type Words } from "./words";

/** What the field had before it was opened here: HTML or files that were pasted into plain text. */
export interface Arriving {
  html?: string;
  files?: File[];
  open?: Opens;
}

/** Words being written with all that can be in them. It is loaded when it is first wanted. */
export default function RichEditor(
  props: WordsFieldProps & { arriving?: Arriving; left: (value: Words) => void },
) {
  const { label, value, plain, still } = props;
  const latest = useRef(props);
  latest.current = props;
  /** What was written here last: what comes back the same is no news. */
  const written = useRef<Words>(value);
  const [opens, setOpens] = useState<Opens>();
  const [note, setNote] = useState("");

  const own = useRef<Editor>(null);
  const editor = useEditor({
    extensions: [...schema, placeholder(props.placeholder ?? "")],
    content: documentOf(blocksOf(value)),
    injectCSS: false,
    immediatelyRender: false,
    autofocus: props.takesCursor ? "end" : false,
    editorProps: {
      attributes: {
        role: "textbox",
        "aria-multiline": "true",
        "aria-label": label,
        class: "rich-text outline-none",
        ...(props.place && { "data-place": props.place }),
        ...props.data,
      },
      handleKeyDown: (view, event) => {
        const list = view.state.selection.$from.depth > 1;
        if (event.key === "Enter" && list && !event.ctrlKey && !event.metaKey) return false;
        latest.current.onKeyDown?.(event, view.state.doc.textContent === "");
        return event.defaultPrevented;
      },
      handleTextInput: (_, __, ___, text) => {
        const e = own.current;
        if (!e || !(e.state.selection instanceof NodeSelection)) return false;
        behindSelected(e);
        return e.commands.insertContent({ type: "text", text });
      },
      transformPastedHTML: (html) => {
        take(picturesIn(html));
        return withoutPictures(html);
      },
      handlePaste: (_, event) => {
        const files = [...(event.clipboardData?.files ?? [])];
        if (files.length === 0 || event.clipboardData?.getData("text/html")) return false;
        take({ files, left: 0 });
        return true;
      },
      handleDrop: (_, event) => {
        const files = [...(event.dataTransfer?.files ?? [])];
        if (files.length === 0) return false;
        event.preventDefault();
        take({ files, left: 0 });
        return true;
      },
    },
    onUpdate: ({ editor: e }) => {
      written.current = simplest(blocksOfDocument(e.getJSON()));
      latest.current.change(written.current);
    },
  });

  own.current = editor;

  /** Puts files into the words as pictures and sounds; what can't be taken is said. */
  const take = async ({ files, left }: { files: File[]; left: number }) => {
    if (files.length === 0 && left === 0) return;
    const result = await upload(files);
    insert(result.added.map(blockOf));
    setNote([...result.refused, ...(left > 0 ? [words.rich.leftOut(left)] : [])].join(" "));
  };
  const insert = (blocks: ReturnType<typeof blockOf>[]) => {
    for (const block of blocks) {
      editor?.chain().focus().insertContent({ type: block.kind, attrs: { block } }).run();
      if (editor) behindSelected(editor);
    }
  };

  // biome-ignore lint/correctness/useExhaustiveDependencies: what arrives does so once
  useEffect(() => {
    const { arriving } = latest.current;
    if (!editor || editor.isDestroyed || !arriving) return;
    editor.commands.focus("end");
    if (arriving.html !== undefined) {
      editor.commands.insertContent(withoutPictures(arriving.html));
      take(picturesIn(arriving.html));
    }
    if (arriving.files) take({ files: arriving.files, left: 0 });
    if (arriving.open) setOpens(arriving.open);
  }, [editor]);

  useEffect(() => {
    if (!editor || editor.isDestroyed || value === written.current) return;
    if (JSON.stringify(value) === JSON.stringify(written.current)) return;
    written.current = value;
    editor.commands.setContent(documentOf(blocksOf(value)), { emitUpdate: false });
  }, [editor, value]);

  if (!editor) return null;
  const close = () => {
    setOpens(undefined);
    editor.commands.focus();
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: only when the cursor has left all of it
    <div
      className="group/rich relative min-w-0 flex-1"
      onBlur={(event) => {
        if (opens || event.currentTarget.contains(event.relatedTarget)) return;
        props.left(written.current);
      }}
    >
      <Toolbar editor={editor} open={setOpens} plain={plain} still={still} />
      <EditorContent editor={editor} className={props.className} />
      {note && (
        <p role="alert" className="text-sm font-normal">
          {note}
        </p>
      )}
      {opens === "formula" && (
        <FormulaDialog
          tex=""
          set={(tex) => {
            setOpens(undefined);
            const chain = editor.chain().focus();
            if (tex) chain.insertContent({ type: "formula", attrs: { tex } }).run();
            else chain.run();
          }}
          onClose={close}
        />
      )}
      {opens === "link" && (
        <LinkDialog
          address={editor.getAttributes("link").href ?? ""}
          set={(address) => {
            setOpens(undefined);
            setLink(editor, address);
          }}
          onClose={close}
        />
      )}
      {(opens === "picture" || opens === "sound") && (
        <Picking
          kind={opens}
          choose={(card) => {
            setOpens(undefined);
            insert([blockOf(card)]);
          }}
          onClose={close}
        />
      )}
    </div>
  );
}

function setLink(editor: NonNullable<ReturnType<typeof useEditor>>, address: string) {
  const chain = editor.chain().focus().extendMarkRange("link");
  if (!address) chain.unsetLink().run();
  else if (editor.state.selection.empty && !editor.isActive("link")) {
    const marks = [{ type: "link", attrs: { href: address } }];
    chain.insertContent({ type: "text", text: address, marks }).run();
  } else chain.setLink({ href: address }).run();
}
