import { useQuery } from "@tanstack/react-query";
import { LogOut } from "lucide-react";
import { Link } from "react-router";
import { ApiProblem } from "../api/client";
import { readMyPage } from "../api/join";
import type { State, Task } from "../generated/types";
import { forget } from "../play/remembered";
import { Pennant } from "../stage/Pennant";
import { LookButton } from "../ui/LookButton";
import { Failed, Loading, Notice, problemWords } from "../ui/Notice";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/learner";
import { type Member, taskKey } from "./member";

const LOOK_AGAIN = 15_000;
const WAITS_MILLIS = 3_000;

/** What a learner has to do, until when, and what came of what she did. */
export function MyPage(props: { code: string; member: Member; leave: () => void }) {
  const { code, member, leave } = props;
  const page = useQuery({
    queryKey: ["my-page", code, member.token],
    queryFn: () => readMyPage(code, member.token),
    refetchInterval: ({ state }) => (state.data?.waiting ? WAITS_MILLIS : LOOK_AGAIN),
  });
  usePageTitle(page.data?.className);
  if (page.isPending) return <Loading />;
  if (page.isError) {
    const unknown = page.error instanceof ApiProblem && [401, 404].includes(page.error.status);
    if (!unknown && !page.data) return <Failed error={page.error} again={page.refetch} />;
    if (unknown) {
      return (
        <Notice
          action={
            <button type="button" className="btn btn-primary" onClick={leave}>
              {words.join.go}
            </button>
          }
        >
          <p role="alert">{problemWords(page.error)}</p>
        </Notice>
      );
    }
  }
  const { className, name, waiting, tasks } = page.data ?? {
    className: "",
    name: member.name,
    waiting: false,
    tasks: [],
  };
  return (
    <main className="mx-auto max-w-3xl p-4 sm:p-6">
      <div className="mb-5 flex flex-wrap items-center gap-2">
        <div className="mr-auto">
          <p className="text-soft [overflow-wrap:anywhere]">{className}</p>
          <h1 className="text-3xl font-semibold [overflow-wrap:anywhere]">
            {waiting ? words.join.waitTitle : words.join.hello(name)}
          </h1>
        </div>
        <LookButton short />
        <button
          type="button"
          className="btn btn-ghost"
          onClick={leave}
          title={words.join.leaveText}
        >
          <LogOut size={18} aria-hidden="true" />
          {words.join.leave}
        </button>
      </div>
      {page.isError && <p role="status">{words.offline}</p>}
      {waiting ? (
        <p role="status" className="text-lg">
          {words.join.wait}
        </p>
      ) : tasks.length === 0 ? (
        <p className="text-lg">{words.join.nothing}</p>
      ) : (
        <ul className="grid gap-3">
          {tasks.map((task) => (
            <li key={task.id}>
              <OneTask code={code} task={task} />
            </li>
          ))}
        </ul>
      )}
    </main>
  );
}

/** The state of a task as that of a marker: it hangs on the string of what there is to do. */
function stateOf({ standing, outcome, begins }: Task): State {
  if (standing.running) return "now";
  if (outcome) return outcome.awaiting > 0 ? "given" : outcome.won ? "right" : "partly";
  return begins || standing.phase === "not-yet" ? "to-do" : "missed";
}

function OneTask({ code, task }: { code: string; task: Task }) {
  const { id, title, subject, standing, outcome, begins, goes } = task;
  const plays = begins || standing.running;
  return (
    <article className="flex flex-wrap items-center gap-x-4 gap-y-2 rounded-[14px] border border-line bg-card p-4 shadow-lift">
      <Pennant state={stateOf(task)} />
      <div className="min-w-0 flex-1 basis-52">
        <h2 className="font-display text-xl font-semibold [overflow-wrap:anywhere]">
          {title || words.untitled}
        </h2>
        <p className="text-soft">
          {[subject, words.join.state(task), whenOf(task)].filter(Boolean).join(" · ")}
        </p>
        {outcome && <p className="font-semibold">{words.join.came(outcome)}</p>}
        {task.excused && <p>{words.join.excused}</p>}
        {standing.left !== undefined && goes > 0 && !standing.running && (
          <p className="text-soft">{words.join.left(standing.left)}</p>
        )}
      </div>
      {task.sitting && (
        <Link to={`/join/${code}/${id}?look=${task.sitting}`} className="btn btn-ghost">
          {words.join.look}
          <span className="sr-only">: {title}</span>
        </Link>
      )}
      {plays && (
        <Link
          to={`/join/${code}/${id}`}
          className={`btn btn-lg ${goes === 0 || standing.running ? "btn-primary" : "btn-outline"}`}
          onClick={() => !standing.running && forget(taskKey(code, id))}
        >
          {standing.running ? words.join.goOn : goes > 0 ? words.join.again : words.join.play}
          <span className="sr-only">: {title}</span>
        </Link>
      )}
    </article>
  );
}

function whenOf({ standing, opens, closes }: Task): string {
  if (standing.phase === "not-yet" && opens) return words.join.from(opens);
  if (standing.phase === "closed") return words.join.over(closes);
  return closes ? words.join.until(closes) : "";
}
