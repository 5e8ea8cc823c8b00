import { randomId } from "../engine/randomId";
import { blankQuestion } from "../questions/blankQuestion";
import { questionsOf } from "../questions/questionsOf";
import type { EditorStore } from "./editor";
import {
  copyOf,
  insertAfter,
  moveQuestions,
  placed,
  putIn,
  type Shared,
  setForAll,
  switchQuestions,
} from "./edits";
import { removeQuestions } from "./removing";

/** What can be done on a sheet, by a press, a key or from the command list. */
export type SheetActions = ReturnType<typeof sheetActions>;

/** The actions of a sheet; they mean the selected questions, or else the open one. */
export function sheetActions(useEditor: EditorStore) {
  const questions = () => questionsOf(useEditor.getState().activity);
  const { edit, unfold, select } = useEditor.getState();

  /** The ids that an action means, in the order of the sheet. */
  const meant = (): string[] => {
    const { selected, open } = useEditor.getState();
    const ids = selected.length > 0 ? selected : open === undefined ? [] : [open];
    return questions()
      .map((q) => q.id)
      .filter((id) => ids.includes(id));
  };

  const addAfter = (id?: string) => {
    const fresh = randomId();
    edit(insertAfter(id, blankQuestion(fresh)));
    unfold(fresh);
  };

  return {
    addAfter,
    /** Enter at a question's end: on to the next one; at the end of the sheet a new one. */
    next: (id: string) => {
      const following = questions()[questions().findIndex((q) => q.id === id) + 1];
      if (following) unfold(following.id);
      else addAfter(id);
    },
    duplicate: () => {
      const ids = meant();
      const copies = questions()
        .filter((q) => ids.includes(q.id))
        .map(copyOf);
      if (copies.length === 0) return;
      edit(insertAfter(ids.at(-1), ...copies));
      if (copies.length === 1) unfold(copies[0]?.id);
      else select(copies.map((q) => q.id));
    },
    remove: () => {
      const ids = meant();
      const first = questions().findIndex((q) => ids.includes(q.id));
      if (first < 0) return;
      edit(removeQuestions(ids));
      unfold((questions()[first] ?? questions()[first - 1])?.id);
    },
    move: (by: 1 | -1) => edit(moveQuestions(meant(), by)),
    turnOff: () => edit(switchQuestions(meant())),
    setForAll: (shared: Shared) => edit(setForAll(meant(), shared)),
    selectAll: () => select(questions().map((q) => q.id)),
    clear: () => select([]),
    /** Adds a question to the selection, or takes it out. */
    pick: (id: string) => {
      const { selected } = useEditor.getState();
      select(selected.includes(id) ? selected.filter((s) => s !== id) : [...selected, id]);
    },
    /** Begins a selection with a question where there is none yet. */
    pickFrom: (id: string) => {
      if (useEditor.getState().selected.length === 0) select([id]);
    },
    /** Selects everything between the question that was picked last and this one. */
    pickUpTo: (id: string) => {
      const { selected, open } = useEditor.getState();
      const ids = questions().map((q) => q.id);
      const from = ids.indexOf(selected.at(-1) ?? open ?? id);
      const to = ids.indexOf(id);
      const between = ids.slice(Math.min(from, to), Math.max(from, to) + 1);
      select([...selected.filter((s) => !between.includes(s)), ...between]);
    },
    /** Puts questions behind the open one, those in which nothing is written first. */
    paste: (pasted: ReturnType<typeof questions>) => {
      const { open } = useEditor.getState();
      const fresh = placed(questions(), open, pasted);
      edit(putIn(open, fresh));
      unfold(fresh.at(-1)?.id);
    },
  };
}
