import {
  ChevronLeft,
  FileText,
  History,
  Link2,
  Palette,
  Play,
  Redo2,
  Search,
  Send,
  Undo2,
} from "lucide-react";
import { Link } from "react-router";
import { IconButton } from "../ui/IconButton";
import { LookButton } from "../ui/LookButton";
import { words } from "../words/en";
import type { PageActions } from "./commands";
import type { EditorStore } from "./editor";
import type { SaveState } from "./useSaving";

/** The bar above the editor: title, saving, undo, and where the activity goes from here. */
export function BuildBar(props: {
  useEditor: EditorStore;
  saving: SaveState;
  askable: number;
  page: PageActions;
}) {
  const { useEditor, saving, askable, page } = props;
  const title = useEditor((editor) => editor.activity.titlePage.title);
  const { edit, undo, redo } = useEditor.getState();
  const canUndo = useEditor((editor) => editor.past.length > 0);
  const canRedo = useEditor((editor) => editor.future.length > 0);
  return (
    <header className="flex flex-wrap items-center gap-x-2 gap-y-1 border-b border-line bg-card px-3 py-1.5">
      <Link to="/activities" className="btn btn-ghost px-2">
        <ChevronLeft size={18} aria-hidden="true" />
        <span className="max-sm:sr-only">{words.build.back}</span>
      </Link>
      <h1 className="min-w-40 flex-1 max-sm:order-1">
        <input
          aria-label={words.build.title}
          data-place="title"
          placeholder={words.build.titlePlaceholder}
          value={title}
          maxLength={200}
          // The sheet may come only now: it doesn't take the cursor away.
          onFocus={() => useEditor.setState({ takesCursor: false })}
          onChange={(event) => {
            const { value } = event.target;
            edit((a) => ({ ...a, titlePage: { ...a.titlePage, title: value } }), "title");
          }}
          className="h-11 w-full rounded-[4px] bg-transparent px-2 font-display text-xl font-semibold placeholder:text-soft hover:bg-base-200"
        />
      </h1>
      <p role="status" className="max-w-72 px-1 text-soft max-sm:order-1">
        {saveWords(saving)}
      </p>
      <IconButton label={words.build.undo} icon={Undo2} act={undo} disabled={!canUndo} />
      <IconButton label={words.build.redo} icon={Redo2} act={redo} disabled={!canRedo} />
      {/* On a phone the command list has it. */}
      <div className="max-sm:hidden">
        <IconButton
          label={words.commands.versions}
          icon={History}
          act={() => page.open("versions")}
        />
      </div>
      <IconButton
        label={`${words.commands.list} (Ctrl + K)`}
        icon={Search}
        act={() => page.open("commands")}
      />
      <div className="max-sm:hidden">
        <LookButton short />
      </div>
      {/* On a phone the title takes a line of its own, below the buttons. */}
      <div className="basis-full sm:hidden max-sm:order-1" />
      <button
        type="button"
        className="btn btn-ghost px-3"
        onClick={() => page.open("details")}
        title={words.build.details}
        aria-label={words.build.details}
      >
        <FileText size={18} aria-hidden="true" />
        <span className="max-2xl:hidden">{words.build.details}</span>
      </button>
      <div className="max-sm:hidden">
        <IconButton label={words.commands.look} icon={Palette} act={() => page.open("look")} />
      </div>
      <button
        type="button"
        className="btn btn-outline px-3"
        onClick={() => page.open("link")}
        title={words.build.link}
        aria-label={words.build.link}
      >
        <Link2 size={18} aria-hidden="true" />
        <span className="max-2xl:hidden">{words.build.link}</span>
      </button>
      <button
        type="button"
        className="btn btn-outline"
        onClick={() => page.open("assign")}
        disabled={askable === 0}
      >
        <Send size={18} aria-hidden="true" />
        <span className="max-md:sr-only">{words.build.assign}</span>
      </button>
      <button
        type="button"
        className="btn btn-primary"
        onClick={page.present}
        disabled={askable === 0}
      >
        <Play size={18} aria-hidden="true" />
        <span className="max-md:sr-only">{words.build.present}</span>
      </button>
    </header>
  );
}

function saveWords(state: SaveState): string {
  switch (state.is) {
    case "saved":
      return words.build.saved(state.at);
    case "saving":
      return words.build.saving;
    case "signed-out":
    case "conflict":
      return words.build.keptHere;
    case "refused":
      return words.build.notTaken(state.why);
    default:
      return words.build.unsaved;
  }
}
