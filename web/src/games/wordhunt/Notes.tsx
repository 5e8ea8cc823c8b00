import type { NotesProps } from "..";
import { huntWords, lastEntry } from "./words";

/** What the teacher sees beside the projector: all names, found or not, and what came last. */
export default function HuntNotes({ showing }: NotesProps) {
  const scene = showing.scene?.kind === "word-hunt" ? showing.scene : undefined;
  if (!scene) return null;
  const { right, asked } = showing.score;
  return (
    <section className="rounded-[4px] border-l-8 border-accent bg-card p-4">
      <h2 className="text-2xl font-semibold">
        {huntWords.found(right, asked)}
        {scene.left !== undefined && ` · ${huntWords.left(scene.left)}`}
      </h2>
      <p className="min-h-8 text-soft">{lastEntry(scene)}</p>
      <ol className="mt-2 grid gap-x-6 text-xl sm:grid-cols-2">
        {scene.lines.map((line) => (
          <li key={line.item} className="flex gap-2">
            <span aria-hidden="true" className="w-6 text-success">
              {line.found ? "✓" : ""}
            </span>
            {line.name}
            <span className="sr-only">{line.found ? "" : `, ${huntWords.notFound}`}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}
