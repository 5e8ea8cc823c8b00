import { Plus, TableProperties } from "lucide-react";
import { SheetHeading } from "../../build/SheetHeading";
import { questionsOf } from "../../questions/questionsOf";
import { ClosedLine } from "../../questions/sheet/ClosedLine";
import { OpenQuestion } from "../../questions/sheet/OpenQuestion";
import { SelectionBar } from "../../questions/sheet/SelectionBar";
import { words } from "../../words/en";
import type { SheetProps } from "..";
import { TrailEditor } from "./TrailEditor";

/** The sheet of a quiz show: a line for each question, the open one unfolds in place. */
export default function QuizShowSheet({ useEditor, sheet, showKeys, takeIn }: SheetProps) {
  const questions = useEditor((editor) => questionsOf(editor.activity));
  const open = useEditor((editor) => editor.open);
  const selected = useEditor((editor) => editor.selected);
  const unfolded = (id: string) => id === open && selected.length === 0;
  return (
    <section aria-labelledby="sheet">
      <SheetHeading title={words.build.sheet(questions.length)} showKeys={showKeys} />
      <TrailEditor useEditor={useEditor} />
      {selected.length > 0 && <SelectionBar count={selected.length} sheet={sheet} />}
      <ol className="mt-1" data-selecting={selected.length > 0}>
        {questions.map((question, i) => (
          <li
            key={question.id}
            className={`border-b border-line last:border-0 ${unfolded(question.id) ? "" : "closed-line"}`}
          >
            {unfolded(question.id) ? (
              <OpenQuestion
                question={question}
                number={i + 1}
                useEditor={useEditor}
                sheet={sheet}
                takeIn={takeIn}
              />
            ) : (
              <ClosedLine
                question={question}
                number={i + 1}
                selected={selected.includes(question.id)}
                useEditor={useEditor}
                sheet={sheet}
              />
            )}
          </li>
        ))}
      </ol>
      <div className="mt-2 mb-4 flex flex-wrap gap-2">
        <button
          type="button"
          data-place="sheet"
          className="btn btn-ghost flex-1 justify-start border border-dashed border-edge"
          onClick={() => sheet.addAfter()}
        >
          <Plus size={18} aria-hidden="true" />
          {words.sheet.add}
        </button>
        <button
          type="button"
          className="btn btn-ghost border border-dashed border-edge"
          onClick={() => takeIn("")}
        >
          <TableProperties size={18} aria-hidden="true" />
          {words.takeIn.open}
        </button>
      </div>
    </section>
  );
}
