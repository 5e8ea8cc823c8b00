import { useState } from "react";
import { SheetHeading } from "../../build/SheetHeading";
import { switchExamplesOf } from "../../engine/LocalGame";
import { limits } from "../../generated/limits";
import type { PictureReveal } from "../../generated/types";
import { Part, Rows } from "../../questions/editors/rows";
import { ComparingChecks } from "../../questions/editors/TextFields";
import { TryAnswer } from "../../questions/editors/TryAnswer";
import { countsOf } from "../../questions/questionsOf";
import { QuestionLines } from "../../questions/sheet/QuestionLines";
import { typedLike } from "../../questions/typedLike";
import { words } from "../../words/en";
import type { SheetProps } from "..";
import { CoverEditor, CoverMore, useTelling } from "./CoverEditor";
import { changeReveal, revealOf } from "./reveal";
import { sheetWords } from "./sheetWords";

/** The sheet of a picture reveal: the picture with its cut, what it is, and a question a piece. */
export default function RevealSheet(props: SheetProps) {
  const reveal = props.useEditor((editor) => revealOf(editor.activity));
  return reveal ? <Written {...props} reveal={reveal} /> : null;
}

function Written(props: SheetProps & { reveal: PictureReveal }) {
  const { useEditor, sheet, showKeys, takeIn, reveal } = props;
  const [lit, point] = useState<string>();
  // Open where something is missing, and not shut by what is written into it.
  const [open, setOpen] = useState(reveal.accepted.length === 0);
  const told = useTelling(reveal);
  const { edit } = useEditor.getState();
  /** A guess is compared as a typed answer is. */
  const typed = typedLike(reveal.accepted, reveal.comparing);
  const change = (part: Partial<PictureReveal>, key?: string) =>
    edit(
      changeReveal(() => part),
      key,
    );
  return (
    <section aria-labelledby="sheet">
      <SheetHeading title={words.build.sheet(countsOf(reveal.questions))} showKeys={showKeys} />
      <CoverEditor useEditor={useEditor} reveal={reveal} told={told} lit={lit} point={point} />
      <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)} className="my-1">
        <summary className="min-h-11 cursor-pointer py-2">
          <span className="text-sm text-soft">{sheetWords.answers}:</span>{" "}
          <bdi>{reveal.accepted.filter(Boolean).join(", ") || sheetWords.answersNone}</bdi>
        </summary>
        <Part title={sheetWords.answersHow}>
          <Rows
            texts={reveal.accepted}
            most={limits.PictureReveal.accepted.most}
            label={sheetWords.answer}
            placeholder={(i) => (i === 0 ? sheetWords.answerAdd : sheetWords.answerMore)}
            change={(accepted, place) => change({ accepted }, `accepted ${place}`)}
            remove={(place) => change({ accepted: reveal.accepted.toSpliced(place, 1) })}
            next={() => sheet.addAfter()}
          />
        </Part>
      </details>
      <QuestionLines useEditor={useEditor} sheet={sheet} takeIn={takeIn} lit={lit} point={point} />
      <div className="my-3">
        <CoverMore useEditor={useEditor} reveal={reveal} told={told} />
        <TryAnswer question={typed} />
        <ComparingChecks
          comparing={reveal.comparing}
          change={(comparing) => change({ comparing })}
          examples={switchExamplesOf(typed)}
        />
      </div>
    </section>
  );
}
