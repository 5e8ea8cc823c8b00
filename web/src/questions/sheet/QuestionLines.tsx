import { Plus, TableProperties } from "lucide-react";
import type { EditorStore } from "../../build/editor";
import type { SheetActions } from "../../build/sheetActions";
import { words } from "../../words/en";
import { linesOf, questionsOf } from "../questionsOf";
import { ClosedLine } from "./ClosedLine";
import { OpenQuestion } from "./OpenQuestion";
import { SelectionBar } from "./SelectionBar";

/** A line for each question, the open one unfolds in place; and what adds further ones. */
export function QuestionLines(props: {
  useEditor: EditorStore;
  sheet: SheetActions;
  takeIn: (text: string, html?: string) => void;
  /** The question whose line lights up with something else. */
  lit?: string;
  /** Called with the question whose line is pointed at; with nothing when it is left. */
  point?: (question?: string) => void;
}) {
  const { useEditor, sheet, takeIn, lit, point } = props;
  const questions = useEditor((editor) => questionsOf(editor.activity));
  const open = useEditor((editor) => editor.open);
  const selected = useEditor((editor) => editor.selected);
  const lines = linesOf(questions);
  const unfolded = (id: string) => id === open && selected.length === 0;
  return (
    <>
      {selected.length > 0 && <SelectionBar count={selected.length} sheet={sheet} />}
      <ol className="mt-1" data-selecting={selected.length > 0}>
        {questions.map((question, i) => (
          <li
            key={question.id}
            data-lit={lit === question.id}
            onPointerEnter={point && (() => point(question.id))}
            onPointerLeave={point && (() => point())}
            className={`border-b border-line last:border-0 data-[lit=true]:bg-accent/25 ${unfolded(question.id) ? "" : "closed-line"}`}
          >
            {unfolded(question.id) ? (
              <OpenQuestion
                question={question}
                place={i}
                number={lines[i]?.number}
                name={lines[i]?.name}
                useEditor={useEditor}
                sheet={sheet}
                takeIn={takeIn}
              />
            ) : (
              <ClosedLine
                question={question}
                number={lines[i]?.number}
                name={lines[i]?.name}
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
    </>
  );
}
