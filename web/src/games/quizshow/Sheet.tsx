import { SheetHeading } from "../../build/SheetHeading";
import { questionsOf } from "../../questions/questionsOf";
import { QuestionLines } from "../../questions/sheet/QuestionLines";
import { words } from "../../words/en";
import type { SheetProps } from "..";
import { TrailEditor } from "./TrailEditor";

/** The sheet of a quiz show: a line for each question, the open one unfolds in place. */
export default function QuizShowSheet({ useEditor, sheet, showKeys, takeIn }: SheetProps) {
  const count = useEditor((editor) => questionsOf(editor.activity).length);
  return (
    <section aria-labelledby="sheet">
      <SheetHeading title={words.build.sheet(count)} showKeys={showKeys} />
      <TrailEditor useEditor={useEditor} />
      <QuestionLines useEditor={useEditor} sheet={sheet} takeIn={takeIn} />
    </section>
  );
}
