import { useMemo } from "react";
import { partsOf } from "../games";
import { words } from "../words/en";
import type { EditorStore } from "./editor";
import { type SheetActions, sheetActions } from "./sheetActions";

/** Something that can be done, by its name in the command list and, where it has some, by keys. */
export interface Command {
  name: string;
  /** As they are shown: “Ctrl + D”. */
  keys?: string;
  /** Whether a key press means this command. */
  matches?: (event: KeyboardEvent) => boolean;
  run: () => void;
}

/** What Build can do besides the sheet: opened or done by the page itself. */
export interface PageActions {
  present: () => void;
  /** Shows the open question alone at the front. */
  presentAlone: () => void;
  results: () => void;
  open: (
    dialog:
      | "link"
      | "assign"
      | "details"
      | "versions"
      | "keys"
      | "commands"
      | "replace"
      | "copy-from"
      | "look",
  ) => void;
  saveFile: () => void;
  /** The questions as a file for other programs. */
  saveQuestions: (ending: "csv" | "md") => void;
  takeIn: (text: string) => void;
  leave: () => void;
}

const ctrl = (key: string) => (event: KeyboardEvent) =>
  (event.ctrlKey || event.metaKey) && !event.altKey && event.key.toLowerCase() === key;
const alt = (key: string) => (event: KeyboardEvent) => event.altKey && event.key === key;

const gameOf = (useEditor: EditorStore) => partsOf(useEditor.getState().activity.game.kind);

/** Every action of Build, once: for the command list, the keys and the list of keys. */
export function useCommands(useEditor: EditorStore, page: PageActions) {
  const sheet = useMemo(
    () => ({ ...sheetActions(useEditor), ...gameOf(useEditor)?.actions?.(useEditor) }),
    [useEditor],
  );
  return { sheet, commands: commands(useEditor, sheet, page) };
}

function commands(useEditor: EditorStore, sheet: SheetActions, page: PageActions): Command[] {
  const names = words.commands;
  const { undo, redo } = useEditor.getState();
  return [
    { name: names.add, run: () => sheet.addAfter(useEditor.getState().open) },
    { name: names.takeIn, run: () => page.takeIn("") },
    { name: names.copyFrom, run: () => page.open("copy-from") },
    { name: names.duplicate, keys: "Ctrl + D", matches: ctrl("d"), run: sheet.duplicate },
    { name: names.turnOff, keys: "Ctrl + .", matches: ctrl("."), run: sheet.turnOff },
    { name: names.up, keys: "Alt + ↑", matches: alt("ArrowUp"), run: () => sheet.move(-1) },
    { name: names.down, keys: "Alt + ↓", matches: alt("ArrowDown"), run: () => sheet.move(1) },
    { name: names.remove, run: sheet.remove },
    { name: names.selectAll, run: sheet.selectAll },
    {
      name: names.undo,
      keys: "Ctrl + Z",
      matches: (event) => ctrl("z")(event) && !event.shiftKey,
      run: undo,
    },
    {
      name: names.redo,
      keys: "Ctrl + Y",
      matches: (event) => ctrl("y")(event) || (ctrl("z")(event) && event.shiftKey),
      run: redo,
    },
    { name: names.replace, run: () => page.open("replace") },
    { name: names.details, run: () => page.open("details") },
    { name: names.look, run: () => page.open("look") },
    ...(gameOf(useEditor)?.asks === false ? [] : [{ name: names.alone, run: page.presentAlone }]),
    { name: names.link, run: () => page.open("link") },
    { name: names.assign, run: () => page.open("assign") },
    { name: names.present, run: page.present },
    { name: names.results, run: page.results },
    { name: names.versions, run: () => page.open("versions") },
    { name: names.saveFile, run: page.saveFile },
    { name: names.saveTable, run: () => page.saveQuestions("csv") },
    { name: names.saveList, run: () => page.saveQuestions("md") },
    { name: names.leave, run: page.leave },
    {
      name: names.list,
      keys: "Ctrl + K",
      matches: ctrl("k"),
      run: () => page.open("commands"),
    },
    { name: names.keys, keys: "?", run: () => page.open("keys") },
  ];
}
