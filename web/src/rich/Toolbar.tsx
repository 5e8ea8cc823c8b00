import type { Editor } from "@tiptap/core";
import { useEditorState } from "@tiptap/react";
import {
  Bold,
  Image,
  Italic,
  Link,
  List,
  ListOrdered,
  type LucideIcon,
  Sigma,
  Subscript,
  Superscript,
  Volume2,
} from "lucide-react";
import { words } from "../words/en";

/** What opens beside the words. */
export type Opens = "link" | "formula" | "picture" | "sound";

/** What can be done with words; only what has a place in them is offered. */
export function Toolbar(props: {
  editor: Editor;
  open: (what: Opens) => void;
  /** Only pictures and sounds: the text itself stays plain. */
  plain?: boolean;
  /** Sounds have no place here. */
  still?: boolean;
}) {
  const { editor, open, plain, still } = props;
  const on = useEditorState({
    editor,
    selector: ({ editor: e }) => ({
      bold: e.isActive("bold"),
      italic: e.isActive("italic"),
      sub: e.isActive("subscript"),
      sup: e.isActive("superscript"),
      bullets: e.isActive("bulletList"),
      numbers: e.isActive("orderedList"),
      link: e.isActive("link"),
    }),
  });
  const chain = () => editor.chain().focus();
  const tools: [keyof typeof on | Opens, LucideIcon, () => void][] = [
    ["bold", Bold, () => chain().toggleBold().run()],
    ["italic", Italic, () => chain().toggleItalic().run()],
    ["sub", Subscript, () => chain().unsetSuperscript().toggleSubscript().run()],
    ["sup", Superscript, () => chain().unsetSubscript().toggleSuperscript().run()],
    ["bullets", List, () => chain().toggleBulletList().run()],
    ["numbers", ListOrdered, () => chain().toggleOrderedList().run()],
    ["link", Link, () => open("link")],
    ["formula", Sigma, () => open("formula")],
  ];
  const media: typeof tools = [["picture", Image, () => open("picture")]];
  if (!still) media.push(["sound", Volume2, () => open("sound")]);
  return (
    <div
      role="toolbar"
      aria-label={words.rich.toolbar}
      className="absolute bottom-full left-0 z-20 hidden w-max max-w-[calc(100vw-3rem)] flex-wrap rounded-[14px] border border-line bg-card p-1 shadow-lift group-focus-within/rich:flex"
    >
      {[...(plain ? [] : tools), ...media].map(([name, Icon, act]) => (
        <button
          key={name}
          type="button"
          title={words.rich[name]}
          aria-label={words.rich[name]}
          aria-pressed={name in on ? on[name as keyof typeof on] : undefined}
          className="grid size-9 cursor-pointer place-items-center rounded-[4px] hover:bg-base-200 aria-pressed:bg-base-300 pointer-coarse:size-11"
          onMouseDown={(event) => event.preventDefault()}
          onClick={act}
        >
          <Icon size={17} aria-hidden="true" />
        </button>
      ))}
    </div>
  );
}
