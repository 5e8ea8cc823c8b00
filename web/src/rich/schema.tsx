import { type Extension, mergeAttributes, Node } from "@tiptap/core";
import Bold from "@tiptap/extension-bold";
import Document from "@tiptap/extension-document";
import HardBreak from "@tiptap/extension-hard-break";
import Italic from "@tiptap/extension-italic";
import Link from "@tiptap/extension-link";
import { BulletList, ListItem, OrderedList } from "@tiptap/extension-list";
import Paragraph from "@tiptap/extension-paragraph";
import Subscript from "@tiptap/extension-subscript";
import Superscript from "@tiptap/extension-superscript";
import Text from "@tiptap/extension-text";
import { Placeholder, TrailingNode } from "@tiptap/extensions";
import { ReactNodeViewRenderer } from "@tiptap/react";
import { FormulaNode, MediumNode } from "./nodes";

/** Where a link may lead; the server says the same. */
export const isLink = (address: string) =>
  /^(https?:\/\/|mailto:)\S/i.test(address) && address.length <= 2000;

/** A picture, a sound, or something of a newer version: kept as it came, edited beside itself. */
const mediumNode = (name: "picture" | "sound" | "kept") =>
  Node.create({
    name,
    group: "block",
    atom: true,
    draggable: true,
    addAttributes: () => ({ block: { default: null, rendered: false } }),
    renderHTML: () => ["div"],
    renderText: ({ node }) => node.attrs.block?.alt ?? node.attrs.block?.words ?? "",
    addNodeView: () => ReactNodeViewRenderer(MediumNode),
  });

const Formula = Node.create({
  name: "formula",
  group: "inline",
  inline: true,
  atom: true,
  addAttributes: () => ({
    tex: {
      default: "",
      parseHTML: (element) => element.getAttribute("data-formula"),
      renderHTML: ({ tex }) => ({ "data-formula": tex }),
    },
  }),
  parseHTML: () => [{ tag: "span[data-formula]" }],
  renderHTML: ({ HTMLAttributes }) => ["span", mergeAttributes(HTMLAttributes)],
  renderText: ({ node }) => node.attrs.tex,
  addNodeView: () => ReactNodeViewRenderer(FormulaNode, { as: "span" }),
});

/** What words can have in them: just the tree that is kept, and nothing that isn't in it. */
export const schema = [
  Document,
  Paragraph,
  Text,
  Bold,
  Italic,
  Subscript.extend({ addKeyboardShortcuts: () => ({}) }),
  Superscript.extend({ addKeyboardShortcuts: () => ({}) }),
  HardBreak,
  BulletList,
  OrderedList,
  ListItem.extend({ content: "paragraph" }),
  Link.configure({
    openOnClick: false,
    autolink: false,
    linkOnPaste: true,
    isAllowedUri: (address) => isLink(address),
  }),
  // There is always a line to write on below a picture.
  TrailingNode.configure({ node: "paragraph", notAfter: ["paragraph"] }),
  Formula,
  mediumNode("picture"),
  mediumNode("sound"),
  mediumNode("kept"),
];

export const placeholder = (text: string): Extension =>
  Placeholder.configure({ placeholder: text });
