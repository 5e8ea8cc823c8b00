import type { Editor } from "@tiptap/core";
import { NodeSelection } from "@tiptap/pm/state";

/**
 * Puts the cursor behind a picture or a sound that is selected, into the paragraph that follows or
 * a new one: what is typed next must not take its place.
 */
export function behindSelected(editor: Editor) {
  const { selection, doc } = editor.state;
  if (!(selection instanceof NodeSelection)) return;
  const end = selection.to;
  const chain = editor.chain();
  if (!doc.resolve(end).nodeAfter?.isTextblock) chain.insertContentAt(end, { type: "paragraph" });
  chain.setTextSelection(end + 1).run();
}
