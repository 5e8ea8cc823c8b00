import { SheetHeading } from "../../build/SheetHeading";
import { countsOf, questionsOf } from "../../questions/questionsOf";
import { QuestionLines } from "../../questions/sheet/QuestionLines";
import { words } from "../../words/en";
import type { SheetProps } from "..";
import { TrailEditor } from "./TrailEditor";

/** The sheet of a quiz show: a line for each question, the open one unfolds in place. */
export default function QuizShowSheet({ useEditor, sheet, showKeys, takeIn }: SheetProps) {
  const questions = useEditor((editor) => questionsOf(editor.activity));
  return (
    <section aria-labelledby="sheet">
      <SheetHeading title={words.build.sheet(countsOf(questions))} showKeys={showKeys} />
      <TrailEditor useEditor={useEditor} />
      <QuestionLines useEditor={useEditor} sheet={sheet} takeIn={takeIn} />
    </section>
  );
}
