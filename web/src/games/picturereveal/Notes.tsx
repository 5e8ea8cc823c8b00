import { lineOf } from "../../questions/questionsOf";
import { plainOf } from "../../rich/words";
import type { NotesProps } from "..";
import { revealOf } from "./reveal";
import { revealWords } from "./words";

/** What the teacher sees beside the projector: what it is, and which question lies under which piece. */
export default function RevealNotes({ activity, showing }: NotesProps) {
  const scene = showing.scene?.kind === "picture-reveal" ? showing.scene : undefined;
  if (!scene) return null;
  const { answer, left, told, pieces, worth } = scene;
  const last = told.at(-1);
  const questions = revealOf(activity)?.questions ?? [];
  const lying = (id?: string) => {
    const text = questions.find((question) => question.id === id)?.text;
    const number = lineOf(questions, id)?.number;
    return text === undefined ? undefined : { number, text: plainOf(text) };
  };
  return (
    <section className="rounded-[4px] border-l-8 border-accent bg-card p-4">
      <h2 className="text-2xl font-semibold">{revealWords.is(answer)}</h2>
      <p>
        {revealWords.brings(worth)}
        {left !== undefined && ` ${revealWords.left(left)}.`}
      </p>
      <p className="min-h-8 text-soft">{last && revealWords.said(last)}</p>
      <ol className="mt-2 grid gap-1">
        {pieces.map((sheet, i) => {
          const under = lying(sheet.question);
          return (
            <li key={`${sheet.patch.x} ${sheet.patch.y}`}>
              <span className="text-soft">
                {revealWords.piece(i + 1, pieces.length, sheet.patch, sheet.lying)}
              </span>
              {under && ` – ${under.number === undefined ? "" : `${under.number}. `}${under.text}`}
            </li>
          );
        })}
      </ol>
    </section>
  );
}
