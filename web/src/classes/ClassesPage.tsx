import { Plus } from "lucide-react";
import { useState } from "react";
import { Link, useLocation, useNavigate } from "react-router";
import { addClass, bringClassBack, removeClass, restoreClass, useClasses } from "../api/classes";
import { Shell } from "../app/Shell";
import type { ClassCard } from "../generated/types";
import { Failed, Loading } from "../ui/Notice";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/en";
import { day } from "../words/format";
import { DetailsDialog } from "./DetailsDialog";
import { RemovedList } from "./RemovedList";
import { Said } from "./Said";
import { useDoing } from "./useDoing";

/** A teacher's classes: those in use, and below them those that were archived. */
export default function ClassesPage() {
  usePageTitle(words.classes.title);
  const classes = useClasses();
  const navigate = useNavigate();
  const [making, setMaking] = useState(false);
  const said: string | undefined = useLocation().state?.said;
  const { message, say, attempt, anew } = useDoing(said === undefined ? undefined : { text: said });
  const used = classes.data?.filter(({ archivedAt }) => !archivedAt) ?? [];
  const away = classes.data?.filter(({ archivedAt, removedAt }) => archivedAt && !removedAt) ?? [];
  const removed = classes.data?.filter(({ removedAt }) => removedAt) ?? [];
  const remove = ({ id, name }: ClassCard) =>
    attempt(removeClass(id), words.classes.removed(name), () => restoreClass(id));
  return (
    <Shell>
      <div className="mx-auto max-w-5xl px-4 py-6 sm:px-7">
        <div className="mb-5 flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-3xl font-semibold">{words.classes.title}</h1>
          <button type="button" className="btn btn-primary" onClick={() => setMaking(true)}>
            <Plus size={18} aria-hidden="true" />
            {words.classes.new}
          </button>
        </div>
        {classes.isPending && <Loading inside />}
        {classes.isError && <Failed error={classes.error} again={classes.refetch} inside />}
        {classes.isSuccess && used.length === 0 && (
          <p className="max-w-xl py-6 text-lg">{words.classes.empty}</p>
        )}
        <ul className="grid gap-3">
          {used.map((card) => (
            <li key={card.id}>
              <ClassLine card={card} />
            </li>
          ))}
        </ul>
        {away.length + removed.length > 0 && (
          <details className="mt-8">
            <summary className="min-h-11 cursor-pointer py-2 font-display font-semibold">
              {words.classes.archiveTitle(away.length)}
            </summary>
            <ul className="mt-2 grid gap-2">
              {away.map((card) => (
                <li
                  key={card.id}
                  className="flex flex-wrap items-center gap-x-5 rounded-[14px] border border-line px-5 py-2"
                >
                  <Link to={`/classes/${card.id}`} className="mr-auto underline underline-offset-4">
                    {card.name}
                  </Link>
                  <span className="text-soft">
                    {card.archivedAt && words.classes.archivedSince(day(new Date(card.archivedAt)))}
                  </span>
                  <button
                    type="button"
                    className="btn btn-outline"
                    onClick={() => attempt(bringClassBack(card.id))}
                  >
                    {words.classes.bringBack}
                  </button>
                  <button type="button" className="btn btn-ghost" onClick={() => remove(card)}>
                    {words.classes.remove}
                  </button>
                </li>
              ))}
            </ul>
            <RemovedList
              title={words.classes.removedTitle(removed.length)}
              text={words.classes.removedText}
              removed={removed.map(({ id, name, removedAt }) => ({
                id,
                name,
                when: removedAt && day(new Date(removedAt)),
              }))}
              restore={(id) => attempt(restoreClass(id))}
            />
          </details>
        )}
      </div>
      {making && (
        <DetailsDialog
          title={words.classes.newTitle}
          submit={words.classes.make}
          send={async (details) => {
            const made = await addClass(details);
            await anew();
            navigate(`/classes/${made.card.id}`);
          }}
          onClose={() => setMaking(false)}
        />
      )}
      <Said message={message} say={say} />
    </Shell>
  );
}

function ClassLine({ card }: { card: ClassCard }) {
  const { id, name, year, learners, open, waiting } = card;
  return (
    <Link
      to={`/classes/${id}`}
      className="grid items-center gap-x-6 gap-y-1 rounded-[14px] border border-line bg-card px-5 py-4 shadow-lift hover:border-edge md:grid-cols-[1fr_11rem_13rem]"
    >
      <span className="font-display text-lg font-semibold [overflow-wrap:anywhere]">
        {name}
        <span className="block font-sans text-base font-normal text-soft">
          {year === undefined ? words.classes.noYear : words.classes.year(year)}
        </span>
      </span>
      <span>
        {words.classes.learners(learners)}
        {waiting > 0 && (
          <span className="mt-0.5 block w-fit rounded-[4px] bg-accent px-2 font-semibold text-accent-content">
            {words.classes.waiting(waiting)}
          </span>
        )}
      </span>
      <span className="text-soft">{words.classes.open(open)}</span>
    </Link>
  );
}
