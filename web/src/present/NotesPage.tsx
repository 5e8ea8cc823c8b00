import { Suspense, useEffect, useMemo, useState } from "react";
import { useParams, useSearchParams } from "react-router";
import { LocalGame } from "../engine/LocalGame";
import { partsOf } from "../games";
import type { Asked, Notes, Showing } from "../generated/types";
import { choiceWords, solutionWords } from "../questions/answers/answerWords";
import { Rich } from "../rich/Rich";
import { Bunting } from "../stage/Bunting";
import { isPicked, letter } from "../stage/stage";
import { Failed, Loading } from "../ui/Notice";
import { words } from "../words/en";
import { type FrontState, frontChannel } from "./channel";
import { useFrontSitting } from "./useFrontGame";

/** The teacher's own screen beside the projector: what is right, and what comes next. */
export default function NotesPage() {
  const { id = "" } = useParams();
  const [params] = useSearchParams();
  const sitting = params.get("sitting");
  const stored = useFrontSitting(id, sitting);
  const [told, setTold] = useState<FrontState>();
  useEffect(() => {
    if (!sitting) return;
    const channel = frontChannel(sitting, (message) => {
      if ("state" in message) setTold(message.state);
    });
    channel.ask();
    return channel.close;
  }, [sitting]);
  const state = useMemo<FrontState | undefined>(
    () =>
      told ??
      (stored.data && {
        activity: stored.data.activity,
        opening: stored.data.opening,
        log: stored.data.moves,
      }),
    [told, stored.data],
  );
  const showing = useMemo<Showing | undefined>(
    () => state && LocalGame.rebuild(state.activity, state.opening, state.log).show("teacher"),
    [state],
  );
  if (stored.isError && !told) return <Failed error={stored.error} again={stored.refetch} />;
  if (!showing || !state) return <Loading />;
  const { question, notes } = showing;
  const Own = showing.stage === "title" ? undefined : partsOf(showing.game)?.Notes;
  const asking = question && notes;
  return (
    <main className="mx-auto grid max-w-4xl gap-5 p-6 text-lg">
      <h1 className="text-sm font-semibold tracking-wide text-soft">
        {words.front.notesTitle(showing.cover.title)}
      </h1>
      <Bunting markers={showing.markers} />
      {asking && (
        <QuestionNotes
          question={question}
          notes={notes}
          order={isPicked(question) && showing.talk?.done !== true ? wrongOf(question, notes) : []}
        />
      )}
      {Own && (
        <Suspense>
          <Own activity={state.activity} showing={showing} />
        </Suspense>
      )}
      {!asking && !Own && <p>{words.front.notesNothing}</p>}
      <p className="text-soft">{words.front.notesFollows}</p>
    </main>
  );
}

const wrongOf = (question: Asked, notes: Notes) =>
  question.choices.filter(({ id }) => !notes.right.includes(id)).map(({ id }) => id);

function QuestionNotes(props: { question: Asked; notes: Notes; order: string[] }) {
  const { question, notes, order } = props;
  const letterOf = (id: string) => letter(question.choices.findIndex((c) => c.id === id));
  return (
    <>
      <section className="rounded-[4px] border-l-8 border-accent bg-card p-4">
        <h2 className="text-2xl font-semibold">
          <Rich words={question.text} />
        </h2>
        <p className="mt-3 text-xl">
          <strong className="text-success">✓ {words.front.right}</strong>{" "}
          {isPicked(question)
            ? question.choices
                .filter(({ id }) => notes.right.includes(id))
                .map(({ id }) => `${letterOf(id)} ${choiceWords(question, id)}`)
                .join(" · ")
            : solutionWords(question, notes.right)}
        </p>
        {notes.model && (
          <p className="mt-2">
            <strong>{words.front.model}</strong> {notes.model}
          </p>
        )}
        {order.length > 1 && (
          <p className="mt-2 text-soft">
            {words.front.wrongOnes} {order.map(letterOf).join(", ")}
          </p>
        )}
      </section>
      <p className="text-xl">
        <strong>{words.front.next}</strong> {notes.next ?? words.front.last}
      </p>
    </>
  );
}
