import { Suspense, useEffect, useMemo, useRef, useState } from "react";
import { useParams, useSearchParams } from "react-router";
import { LocalGame } from "../engine/LocalGame";
import { partsOf } from "../games";
import type { Activity, Asked, Notes, Showing } from "../generated/types";
import { choiceWords, solutionWords } from "../questions/answers/answerWords";
import { questionsOf } from "../questions/questionsOf";
import { Rich } from "../rich/Rich";
import type { Words } from "../rich/words";
import { Bunting } from "../stage/Bunting";
import { isPicked, letter } from "../stage/stage";
import { TeamSign } from "../stage/teamSigns";
import { Failed, Loading } from "../ui/Notice";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/en";
import { type FrontCommand, type FrontState, frontChannel } from "./channel";
import { useFrontSitting } from "./useFrontGame";

/** What one press gives a team, or takes from it. */
const GIVEN = 5;

/** The teacher's own screen beside the projector: what is right, and what comes next. */
export default function NotesPage() {
  const { id = "" } = useParams();
  const [params] = useSearchParams();
  const sitting = params.get("sitting");
  const stored = useFrontSitting(id, sitting);
  const [told, setTold] = useState<FrontState>();
  const channel = useRef<ReturnType<typeof frontChannel>>(undefined);
  useEffect(() => {
    if (!sitting) return;
    channel.current = frontChannel(sitting, (message) => {
      if ("state" in message) setTold(message.state);
    });
    channel.current.ask();
    return channel.current.close;
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
  usePageTitle(showing && words.front.notesTitle(showing.cover.title));
  if (stored.isError && !told) return <Failed error={stored.error} again={stored.refetch} />;
  if (!showing || !state) return <Loading />;
  const { question, notes } = showing;
  const Own = showing.stage === "title" ? undefined : partsOf(showing.game)?.Notes;
  const asking = question && notes;
  const lead = (command: FrontCommand) => channel.current?.lead(command);
  return (
    <main className="mx-auto grid max-w-4xl gap-4 p-6 text-lg">
      <h1 className="text-sm font-semibold tracking-wide text-soft">
        {words.front.notesTitle(showing.cover.title)}
      </h1>
      <Bunting markers={showing.markers} small />
      <p className="flex flex-wrap gap-x-6">
        <span>{words.game.progress(showing.score, question?.number)}</span>
        {showing.teams.length === 0 && (
          <span>{words.results.onlyPoints(showing.score.points)}</span>
        )}
      </p>
      <Lead showing={showing} lead={lead} there={told !== undefined} />
      {asking && (
        <QuestionNotes
          question={question}
          notes={notes}
          order={isPicked(question) && showing.talk?.done !== true ? wrongOf(question, notes) : []}
          struck={showing.talk?.struck.map(({ option }) => option) ?? []}
          reasons={reasonsOf(state.activity, question.id)}
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

/** What leads the projector from here, and how the teams stand. */
function Lead(props: {
  showing: Showing;
  lead: (command: FrontCommand) => void;
  /** Whether the projector has answered. */
  there: boolean;
}) {
  const { showing, lead, there } = props;
  const { question, stage, teams } = showing;
  const names = words.front.tools;
  const picked = stage === "question" && question !== undefined && isPicked(question);
  const button = (kind: "next" | "back" | "strike" | "reveal" | "hint" | "clock" | "shutter") => (
    <button
      type="button"
      className={`btn ${kind === "next" ? "btn-primary" : "btn-outline"}`}
      disabled={!there}
      onClick={() => lead({ kind })}
    >
      {names[kind]}
    </button>
  );
  return (
    <section aria-label={words.front.leads} className="grid gap-3">
      <div className="flex flex-wrap gap-2">
        {stage !== "end" && button("next")}
        {stage !== "title" && button("back")}
        {picked && button("strike")}
        {picked && button("reveal")}
        {(question?.help.more ?? 0) > 0 && button("hint")}
        {button("clock")}
        {button("shutter")}
      </div>
      {!there && <p className="text-soft">{words.front.notThere}</p>}
      {teams.length > 0 && (
        <ul className="grid gap-2 sm:grid-cols-2">
          {teams.map((side, team) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a team is its place
            <li key={team} className="flex flex-wrap items-center gap-2 rounded-[4px] bg-card p-2">
              <TeamSign sign={side.sign} />
              <span className="min-w-0 flex-1 wrap-anywhere">{words.teams.side(side)}</span>
              <button
                type="button"
                className="btn btn-outline btn-sm h-11"
                disabled={!there}
                onClick={() => lead({ kind: "turn", team })}
              >
                {words.front.giveTurn}
              </button>
              {[GIVEN, -GIVEN].map((points) => (
                <button
                  key={points}
                  type="button"
                  className="btn btn-outline btn-sm h-11"
                  disabled={!there}
                  aria-label={words.front.givePoints(side.name, points)}
                  onClick={() => lead({ kind: "points", team, points })}
                >
                  {words.teams.giveButton(points)}
                </button>
              ))}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** Why options are wrong, as the teacher wrote it. */
function reasonsOf(activity: Activity, id: string): Map<string, Words> {
  const question = questionsOf(activity).find((one) => one.id === id);
  const options =
    question?.kind === "pick-one" || question?.kind === "pick-all" ? question.options : [];
  return new Map(options.flatMap(({ id, feedback }) => (feedback ? [[id, feedback]] : [])));
}

function QuestionNotes(props: {
  question: Asked;
  notes: Notes;
  order: string[];
  struck: string[];
  reasons: Map<string, Words>;
}) {
  const { question, notes, order, struck, reasons } = props;
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
        {order.length > 0 && (
          <div className="mt-3">
            <h3 className="text-base font-semibold text-soft">{words.front.wrongOnes}</h3>
            <ul>
              {order.map((id) => (
                <li key={id} className={struck.includes(id) ? "text-soft line-through" : ""}>
                  <strong>{letterOf(id)}</strong> {choiceWords(question, id)}
                  {reasons.get(id) && (
                    <span className="font-sans">
                      {" — "}
                      <Rich words={reasons.get(id) ?? ""} still />
                    </span>
                  )}
                </li>
              ))}
            </ul>
          </div>
        )}
      </section>
      <p className="text-xl">
        <strong>{words.front.next}</strong> {notes.next ?? words.front.last}
      </p>
    </>
  );
}
