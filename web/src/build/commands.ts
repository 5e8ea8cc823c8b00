import { useMemo } from "react";
import { partsOf } from "../games";
import type { QuestionUnion } from "../generated/types";
import { questionsOf } from "../questions/questionsOf";
import { words } from "../words/en";
import type { EditorStore } from "./editor";
import { asKind, changeQuestion } from "./edits";
import { KIND_KEYS } from "./KindDialog";
import { onceUnfolded, placeOf } from "./places";
import { type SheetActions, sheetActions } from "./sheetActions";

/** Something that can be done, by its name in the command list and, where it has some, by keys. */
export interface Command {
  name: string;
  /** As they are shown: “Ctrl + D”. */
  keys?: string;
  /** How keys do it where it takes more than one press; the list of keys leaves it out. */
  hint?: string;
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
      | "kind"
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

/** Makes the open question one of another kind; the cursor goes on in its text. */
export function toKind(useEditor: EditorStore, kind: QuestionUnion["kind"]) {
  const { open, edit, activity } = useEditor.getState();
  const question = questionsOf(activity).find(({ id }) => id === open);
  if (!question) return;
  edit(changeQuestion(question.id, (q) => asKind(q, kind)));
  onceUnfolded(placeOf.question(question.id), (field) => {
    // Whoever writes in it goes on there; what had the focus may have gone with the kind.
    if (!field.closest("fieldset")?.contains(document.activeElement)) field.focus();
  });
}

const ctrl = (key: string) => (event: KeyboardEvent) =>
  (event.ctrlKey || event.metaKey) && !event.altKey && event.key.toLowerCase() === key;
const alt = (key: string) => (event: KeyboardEvent) => event.altKey && event.key === key;

/** Whether an open line can be a question of another kind. */
const hasQuestions = (useEditor: EditorStore) =>
  questionsOf(useEditor.getState().activity).length > 0 || gameOf(useEditor)?.asks !== false;

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
    ...(hasQuestions(useEditor)
      ? [
          {
            name: names.kind,
            keys: "Alt + K",
            matches: alt("k"),
            run: () => page.open("kind"),
          },
          ...KIND_KEYS.map(([kind, key]) => ({
            name: names.toKind(words.sheet.kinds[kind] ?? kind),
            hint: `Alt + K, ${key}`,
            run: () => toKind(useEditor, kind),
          })),
        ]
      : []),
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
