import { rightWords } from "../../questions/rightWords";
import type { NotesProps } from "..";
import { escapeOf, locksOf, questionOf } from "./escaping";
import { titleOf } from "./sheetWords";
import { escapeWords } from "./words";

const says = escapeWords.notes;

/** What the teacher sees beside the projector: every lock, what opens it, and how it stands. */
export default function EscapeNotes({ activity, showing }: NotesProps) {
  const game = escapeOf(activity);
  const scene = showing.scene?.kind === "escape-room" ? showing.scene : undefined;
  if (!game || !scene) return null;
  const seen = scene.rooms.flatMap((room) => room.locks);
  return (
    <section className="rounded-[4px] border-l-8 border-accent bg-card p-4">
      <h2 className="text-2xl font-semibold">{says.title}</h2>
      <p className="text-soft">{says.openHow}</p>
      <ol className="mt-2 grid gap-2">
        {locksOf(game).map((lock) => {
          const now = seen.find(({ id }) => id === lock.id);
          const question = questionOf(game, lock);
          const opens =
            lock.by.kind === "pieces"
              ? lock.by.order.map((id) => titleOf(game, id)).join(" – ")
              : lock.by.kind === "locks"
                ? lock.by.locks.map((id) => titleOf(game, id)).join(", ")
                : question && rightWords(question);
          const helping = game.things.filter((thing) => thing.helps.includes(lock.id));
          return (
            <li key={lock.id}>
              <strong>{titleOf(game, lock.id)}</strong>{" "}
              <span className="text-soft">
                {!now ? says.unmet : now.given ? says.given : now.open ? says.open : says.shut}
              </span>
              <p>
                <span className="text-success">✓</span> {opens}
              </p>
              {helping.length > 0 && (
                <p className="text-soft">
                  {says.helps(helping.map((thing) => titleOf(game, thing.id)))}
                </p>
              )}
            </li>
          );
        })}
      </ol>
    </section>
  );
}
