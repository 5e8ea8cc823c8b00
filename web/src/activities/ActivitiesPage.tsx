import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Plus } from "lucide-react";
import { Link, useNavigate } from "react-router";
import { addActivity, keys, useActivities } from "../api/teacher";
import { Shell } from "../app/Shell";
import { randomId } from "../engine/randomId";
import type { ActivityCard } from "../generated/types";
import { Failed, Loading, problemWords } from "../ui/Notice";
import { words } from "../words/en";
import { Cover } from "./Cover";

/** All that the teacher made. */
export default function ActivitiesPage() {
  const activities = useActivities();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const add = useMutation({
    mutationFn: () => addActivity(words.newActivity(randomId())),
    onSuccess: async (stored) => {
      await queries.invalidateQueries({ queryKey: keys.activities });
      navigate(`/activities/${stored.id}`);
    },
  });
  return (
    <Shell>
      <div className="mx-auto max-w-7xl px-4 py-6 sm:px-7">
        <div className="mb-5 flex flex-wrap items-center justify-between gap-3">
          <h1 className="text-3xl font-semibold">{words.activities.title}</h1>
          <button
            type="button"
            className="btn btn-primary"
            disabled={add.isPending}
            onClick={() => add.mutate()}
          >
            <Plus size={18} aria-hidden="true" />
            {words.activities.new}
          </button>
        </div>
        {add.isError && (
          <p role="alert" className="mb-4 border-l-4 border-error bg-card p-3">
            {problemWords(add.error)}
          </p>
        )}
        {activities.isPending && <Loading inside />}
        {activities.isError && (
          <Failed error={activities.error} again={activities.refetch} inside />
        )}
        {activities.isSuccess && (
          <>
            {activities.data.length === 0 && (
              <p className="mb-5 text-lg">{words.activities.empty}</p>
            )}
            <ul className="grid grid-cols-[repeat(auto-fill,minmax(min(17rem,100%),1fr))] gap-5">
              <li>
                <button
                  type="button"
                  onClick={() => add.mutate()}
                  disabled={add.isPending}
                  className="flex h-full min-h-40 w-full cursor-pointer flex-col items-center justify-center gap-2 rounded-[14px] border-2 border-dashed border-edge p-6 text-center hover:bg-card"
                >
                  <span className="font-display text-lg font-semibold text-primary">
                    {words.activities.newTitle}
                  </span>
                  <span className="text-soft">{words.activities.newText}</span>
                </button>
              </li>
              {activities.data.map((card) => (
                <li key={card.id}>
                  <Card card={card} />
                </li>
              ))}
            </ul>
          </>
        )}
      </div>
    </Shell>
  );
}

function Card({ card }: { card: ActivityCard }) {
  const kind = words.activities.kinds[card.kind] ?? words.activities.otherKind;
  return (
    <Link
      to={`/activities/${card.id}`}
      className="flex h-full flex-col overflow-hidden rounded-[14px] border border-line bg-card shadow-lift transition-shadow hover:border-edge"
    >
      <Cover title={card.title} kind={card.kind} />
      <span className="flex flex-1 flex-col gap-1 p-4">
        <span className="font-display text-lg leading-snug font-semibold [overflow-wrap:anywhere]">
          {card.title || words.activities.untitled}
        </span>
        <span className="text-soft">{words.activities.facts(kind, card.questions, card.year)}</span>
        <Readiness card={card} />
        <span className="mt-auto pt-1 text-sm text-soft">
          {words.activities.changed(new Date(card.changedAt))}
        </span>
      </span>
    </Link>
  );
}

function Readiness({ card }: { card: ActivityCard }) {
  if (!card.playable) {
    return (
      <span className="font-semibold text-error">
        <span aria-hidden="true">△ </span>
        {words.activities.notReady(card.findings)}
      </span>
    );
  }
  return (
    <span className="font-semibold text-success">
      <span aria-hidden="true">✓ </span>
      {words.activities.ready}
      {card.findings > 0 && ` · ${words.activities.lookAt(card.findings)}`}
    </span>
  );
}
