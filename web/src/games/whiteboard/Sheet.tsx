import { Plus } from "lucide-react";
import { insertAfter } from "../../build/edits";
import { SheetHeading } from "../../build/SheetHeading";
import { countsOf, questionsOf } from "../../questions/questionsOf";
import { QuestionLines } from "../../questions/sheet/QuestionLines";
import { words } from "../../words/en";
import type { SheetProps } from "..";
import { likeThis } from "./likeLast";
import { sheetWords } from "./sheetWords";

/** The sheet of a whiteboard: its pages as questions, and a fresh one like the last in one step. */
export default function WhiteboardSheet({ useEditor, sheet, showKeys, takeIn }: SheetProps) {
  const questions = useEditor((editor) => questionsOf(editor.activity));
  const addLike = () => {
    const { activity, edit, unfold } = useEditor.getState();
    const last = questionsOf(activity).at(-1);
    if (!last) return;
    const page = likeThis(last);
    edit(insertAfter(last.id, page));
    unfold(page.id);
  };
  return (
    <section aria-labelledby="sheet">
      <SheetHeading title={words.build.sheet(countsOf(questions))} showKeys={showKeys} />
      <QuestionLines useEditor={useEditor} sheet={sheet} takeIn={takeIn} />
      {questions.length > 0 && (
        <button type="button" className="btn btn-ghost mt-1 text-primary" onClick={addLike}>
          <Plus size={18} aria-hidden="true" />
          {sheetWords.likeLast}
        </button>
      )}
    </section>
  );
}
