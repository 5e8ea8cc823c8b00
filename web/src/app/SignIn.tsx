import { useQueryClient } from "@tanstack/react-query";
import { type FormEvent, type ReactNode, useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import { keys, signIn, signInFirst, signInToDemo, useSession } from "../api/teacher";
import type { SessionInfo } from "../generated/types";
import { Bunting } from "../stage/Bunting";
import { LookButton } from "../ui/LookButton";
import { Failed, Loading, problemWords } from "../ui/Notice";
import { PasswordField, TextField } from "../ui/TextField";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/en";

/** The way in: name and password, for the demo's teacher one click, for learners their code. */
export default function SignIn() {
  usePageTitle(words.session.signIn);
  const session = useSession();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [params] = useSearchParams();
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  if (session.isPending) return <Loading />;
  if (session.isError) return <Failed error={session.error} again={session.refetch} />;
  const { demo, firstStart } = session.data;

  const enter = async (work: Promise<SessionInfo>) => {
    setBusy(true);
    setProblem(undefined);
    try {
      queries.setQueryData(keys.session, await work);
      const back = params.get("back");
      navigate(back?.startsWith("/") && !back.startsWith("//") ? back : "/activities");
    } catch (error) {
      setProblem(problemWords(error));
      setBusy(false);
    }
  };
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const typed = { name: String(form.get("name")), password: String(form.get("password")) };
    enter(firstStart ? signInFirst({ ...typed, code: String(form.get("code")) }) : signIn(typed));
  };
  return (
    <main className="mx-auto flex min-h-full max-w-3xl flex-col justify-center gap-6 p-6">
      <div className="absolute top-3 right-4">
        <LookButton />
      </div>
      <Bunting markers={SAMPLE} />
      <p className="font-display text-xl font-bold text-primary">{words.name}</p>
      <h1 className="max-w-2xl text-4xl font-semibold text-balance sm:text-5xl">
        {words.session.title}
      </h1>
      <p className="max-w-xl text-xl">
        {firstStart ? words.session.firstText : words.session.text}
      </p>
      {demo ? (
        <>
          <div className="flex flex-wrap gap-3">
            <button
              type="button"
              className="btn btn-primary btn-lg"
              disabled={busy}
              onClick={() => enter(signInToDemo())}
            >
              {words.session.demo}
            </button>
            <Learner />
          </div>
          <p className="text-soft">{words.session.demoNote}</p>
          <details>
            <summary className="min-h-11 w-fit cursor-pointer py-2 underline">
              {words.session.byName}
            </summary>
            <Form submit={submit} busy={busy} />
          </details>
        </>
      ) : (
        <Form submit={submit} busy={busy} firstStart={firstStart}>
          <Learner />
        </Form>
      )}
      <Link to="/cover" className="w-fit underline underline-offset-4">
        {words.session.cover}
      </Link>
      {problem && (
        <p role="alert" className="border-l-4 border-error bg-card p-3">
          {problem}
        </p>
      )}
    </main>
  );
}

function Form(props: {
  submit: (event: FormEvent<HTMLFormElement>) => void;
  busy: boolean;
  firstStart?: boolean;
  children?: ReactNode;
}) {
  const { submit, busy, firstStart, children } = props;
  return (
    <form onSubmit={submit} className="grid max-w-md gap-4">
      {firstStart && <TextField name="code" label={words.session.firstCode} autoComplete="off" />}
      <TextField name="name" label={words.session.name} autoComplete="username" />
      <PasswordField name="password" label={words.session.password} isNew={firstStart} />
      <div className="flex flex-wrap gap-3">
        <button type="submit" className="btn btn-primary btn-lg" disabled={busy}>
          {firstStart ? words.session.first : words.session.signIn}
        </button>
        {children}
      </div>
    </form>
  );
}

function Learner() {
  return (
    <Link to="/play" className="btn btn-outline btn-lg">
      {words.session.learner}
    </Link>
  );
}

const SAMPLE = (
  ["right", "right", "wrong", "right", "now", "to-do", "to-do", "to-do"] as const
).map((state, i) => ({ question: `${i}`, state }));
