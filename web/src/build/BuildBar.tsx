import {
  ChartColumn,
  ChevronLeft,
  Copy,
  Download,
  Ellipsis,
  FileText,
  History,
  Keyboard,
  Link2,
  Moon,
  Palette,
  Play,
  Redo2,
  Replace,
  Search,
  Send,
  Sun,
  TableProperties,
  Undo2,
} from "lucide-react";
import { Link } from "react-router";
import { useLook } from "../app/useLook";
import { IconButton } from "../ui/IconButton";
import { Menu, MenuItem } from "../ui/Menu";
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
      <h1 className="min-w-56 flex-1 max-sm:order-1">
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
      <IconButton
        label={words.build.undo}
        words={words.build.undo}
        icon={Undo2}
        act={undo}
        disabled={!canUndo}
      />
      <IconButton
        label={words.build.redo}
        words={words.build.redo}
        icon={Redo2}
        act={redo}
        disabled={!canRedo}
      />
      {/* On a phone the title takes a line of its own, below the buttons. */}
      <div className="basis-full sm:hidden max-sm:order-1" />
      <IconButton
        label={words.build.details}
        words={words.build.detailsShort}
        icon={FileText}
        act={() => page.open("details")}
      />
      <div className="max-2xl:hidden">
        <IconButton
          label={words.commands.look}
          words={words.build.lookShort}
          icon={Palette}
          act={() => page.open("look")}
        />
      </div>
      <IconButton
        label={words.build.link}
        words={words.build.linkShort}
        icon={Link2}
        act={() => page.open("link")}
      />
      <MoreMenu page={page} />
      <button
        type="button"
        className="btn btn-outline aria-disabled:opacity-50"
        onClick={() => page.open("assign")}
        aria-disabled={askable === 0}
      >
        <Send size={18} aria-hidden="true" />
        <span className="max-sm:sr-only">{words.build.assign}</span>
      </button>
      <button
        type="button"
        className="btn btn-primary aria-disabled:opacity-50"
        onClick={page.present}
        aria-disabled={askable === 0}
      >
        <Play size={18} aria-hidden="true" />
        <span className="max-sm:sr-only">{words.build.present}</span>
      </button>
    </header>
  );
}

/** All that has no button of its own, in words. */
function MoreMenu({ page }: { page: PageActions }) {
  const { look, turn } = useLook();
  return (
    <Menu label={words.build.more} icon={Ellipsis} worded>
      <MenuItem
        icon={Search}
        label={words.commands.list}
        keys="Ctrl + K"
        act={() => page.open("commands")}
      />
      <MenuItem
        icon={Palette}
        label={words.commands.look}
        act={() => page.open("look")}
        className="2xl:hidden"
      />
      <MenuItem icon={History} label={words.commands.versions} act={() => page.open("versions")} />
      <MenuItem icon={Replace} label={words.commands.replace} act={() => page.open("replace")} />
      <MenuItem icon={TableProperties} label={words.commands.takeIn} act={() => page.takeIn("")} />
      <MenuItem icon={Copy} label={words.commands.copyFrom} act={() => page.open("copy-from")} />
      <MenuItem icon={Download} label={words.commands.saveFile} act={page.saveFile} />
      <MenuItem icon={ChartColumn} label={words.commands.results} act={page.results} />
      <MenuItem
        icon={look === "day" ? Moon : Sun}
        label={look === "day" ? words.look.toNight : words.look.toDay}
        act={turn}
      />
      <MenuItem
        icon={Keyboard}
        label={words.commands.keys}
        keys="?"
        act={() => page.open("keys")}
      />
    </Menu>
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
