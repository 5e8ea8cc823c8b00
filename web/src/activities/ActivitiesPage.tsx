import { useMutation, useQueryClient } from "@tanstack/react-query";
import { FileInput, Plus } from "lucide-react";
import { useDeferredValue, useEffect, useState } from "react";
import { useNavigate } from "react-router";
import { listAnew } from "../api/listAnew";
import {
  addActivity,
  bringBackActivity,
  keys,
  type Looking,
  takeInFile,
  useActivities,
  useFacets,
} from "../api/teacher";
import { Shell } from "../app/Shell";
import { randomId } from "../engine/randomId";
import { allGames, type Start } from "../games";
import type { ActivityCard } from "../generated/types";
import { FileButton } from "../ui/FileButton";
import { More } from "../ui/More";
import { Failed, Loading, problemWords } from "../ui/Notice";
import { Toast } from "../ui/Toast";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/en";
import { begin, letGoOfLeft } from "./begun";
import { Card } from "./Card";
import { Filters } from "./Filters";
import { useLooking } from "./useLooking";

/** What the server takes of an activity with its pictures and sounds. */
const MOST_BYTES = 200 * 1024 * 1024;

interface Message {
  text: string;
  undo?: () => void;
}

type Blank = Start["blank"];

const usual = allGames[0]?.starts[0]?.blank;

/** All that the teacher made: found, filtered, sorted, and everything that is done with one whole. */
export default function ActivitiesPage() {
  usePageTitle(words.activities.title);
  const { looking, change, clear } = useLooking();
  const settled = useDeferredValue(looking);
  const activities = useActivities(settled);
  const facets = useFacets();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [message, setMessage] = useState<Message>();
  const changed = () => listAnew(queries, keys.activities);

  const add = useMutation({
    mutationFn: (blank: Blank) => addActivity(blank(randomId())),
    onSuccess: (stored) => {
      changed();
      // What is left without a word in it isn’t kept.
      begin(stored.id);
      navigate(`/activities/${stored.id}`);
    },
    onError: (error) => setMessage({ text: problemWords(error) }),
  });
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when the list is come to
  useEffect(() => {
    letGoOfLeft().then((any) => {
      if (any) changed();
    });
  }, []);
  const bringBack = (card: ActivityCard) =>
    bringBackActivity(card.id)
      .then(() => setMessage({ text: words.activities.broughtBack(card.title) }))
      .catch((error) => setMessage({ text: problemWords(error) }))
      .finally(changed);
  const done = (text: string, card?: ActivityCard) => {
    setMessage({ text, undo: card && (() => bringBack(card)) });
    changed();
  };

  const cards = activities.data?.pages.flatMap((page) => page.cards) ?? [];
  const total = activities.data?.pages[0]?.total ?? 0;
  const all = facets.data?.all ?? 0;
  const removed = looking.removed !== undefined;
  const nothingYet = facets.isSuccess && all === 0 && !removed;
  return (
    <Shell>
      <div className="mx-auto max-w-[110rem] px-4 py-6 sm:px-7">
        <div className="mb-4 flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-3xl font-semibold">
            {removed ? words.activities.removedTitle : words.activities.title}
          </h1>
          <TakeIn say={setMessage} done={changed} />
          <button
            type="button"
            className="btn btn-primary"
            disabled={add.isPending}
            onClick={() => usual && add.mutate(usual)}
          >
            <Plus size={18} aria-hidden="true" />
            {words.activities.new}
          </button>
        </div>
        {removed && <p className="mb-4 text-soft">{words.activities.removedText}</p>}
        {facets.data && (all > 0 || removed) && (
          <Filters
            looking={looking}
            facets={facets.data}
            total={total}
            change={change}
            clear={clear}
          />
        )}
        {activities.isPending && <Loading inside />}
        {activities.isError && (
          <Failed error={activities.error} again={activities.refetch} inside />
        )}
        {activities.isSuccess && (
          <>
            {nothingYet && <p className="mb-5 text-lg">{words.activities.empty}</p>}
            {!nothingYet && cards.length === 0 && (
              <div className="flex flex-col items-start gap-4 py-10">
                <p className="text-lg" role="status">
                  {removed ? words.activities.noneRemoved : words.activities.none}
                </p>
                <button type="button" className="btn btn-outline" onClick={clear}>
                  {removed ? words.activities.showThere : words.activities.clear}
                </button>
              </div>
            )}
            <ul className="grid grid-cols-[repeat(auto-fill,minmax(min(17rem,100%),1fr))] gap-5">
              {(nothingYet || !narrowed(looking)) && !removed && (
                // As high as two cards, so that they don't grow with the number of games.
                <li className="sm:row-span-3">
                  <NewTile busy={add.isPending} start={(blank) => add.mutate(blank)} />
                </li>
              )}
              {cards.map((card) => (
                <li key={card.id}>
                  <Card
                    card={card}
                    removed={removed}
                    bringBack={() => bringBack(card)}
                    done={done}
                  />
                </li>
              ))}
            </ul>
            {activities.hasNextPage && (
              <More fetching={activities.isFetchingNextPage} fetch={activities.fetchNextPage} />
            )}
          </>
        )}
      </div>
      {message && (
        <Toast
          text={message.text}
          action={message.undo && words.activities.undo}
          act={message.undo}
          close={() => setMessage(undefined)}
        />
      )}
    </Shell>
  );
}

/** A new activity, from what the class should do. */
function NewTile(props: { busy: boolean; start: (blank: Blank) => void }) {
  const { busy, start } = props;
  return (
    <section
      aria-label={words.activities.newTitle}
      className="flex h-full min-h-40 flex-col gap-2 rounded-[14px] border-2 border-dashed border-edge p-4"
    >
      <h2 className="font-display text-lg font-semibold text-primary">
        {words.activities.newTitle}
      </h2>
      {allGames.map((game) => (
        <div key={game.name}>
          <p className="text-soft">{game.does}</p>
          <ul aria-label={game.startsLabel} className="grid">
            {game.starts.map(({ words: name, blank }) => (
              <li key={name}>
                <button
                  type="button"
                  disabled={busy}
                  onClick={() => start(blank)}
                  className="flex min-h-11 w-full cursor-pointer items-center gap-2 rounded-[4px] px-1 text-start underline decoration-edge decoration-dotted underline-offset-4 hover:bg-card"
                >
                  <Plus size={16} aria-hidden="true" className="shrink-0" />
                  {name}
                </button>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}

const narrowed = ({ sort: _, ...filters }: Looking) => Object.values(filters).some(Boolean);

/** Takes open files in, each as an activity of its own. */
function TakeIn(props: { say: (message: Message) => void; done: () => void }) {
  const { say, done } = props;
  const take = async (files: File[]) => {
    for (const file of files) {
      try {
        if (file.size > MOST_BYTES) {
          say({ text: words.activities.tooLarge(file.name) });
          continue;
        }
        const { title, notUnderstood, left } = await takeInFile(file);
        const whole = notUnderstood.length === 0;
        const took = whole
          ? words.activities.tookIn(title)
          : words.activities.tookInPart(title, notUnderstood);
        say({
          text: [took, ...(left.length > 0 ? [words.activities.mediaLeft(left)] : [])].join(" "),
        });
      } catch (error) {
        say({ text: words.activities.notTaken(file.name, problemWords(error)) });
      }
    }
    done();
  };
  return (
    <FileButton
      accept=".json,.zip,.csv,.tsv,.md,.txt,application/json,application/zip,text/csv,text/markdown,text/plain"
      multiple
      className="btn btn-outline"
      take={take}
    >
      <FileInput size={18} aria-hidden="true" />
      {words.activities.takeIn}
    </FileButton>
  );
}
