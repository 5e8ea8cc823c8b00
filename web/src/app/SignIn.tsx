import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import { keys, signInToDemo, useSession } from "../api/teacher";
import { Bunting } from "../ui/Bunting";
import { Failed, Loading, problemWords } from "../ui/Notice";
import { words } from "../words/en";
import { LookButton } from "./Shell";

/** The way in: for the demo's teacher one click, for learners their code. */
export default function SignIn() {
  const session = useSession();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [params] = useSearchParams();
  const [problem, setProblem] = useState<string>();
  if (session.isPending) return <Loading />;
  if (session.isError) return <Failed error={session.error} again={session.refetch} />;

  const enter = async () => {
    try {
      queries.setQueryData(keys.session, await signInToDemo());
      const back = params.get("back");
      navigate(back?.startsWith("/") && !back.startsWith("//") ? back : "/activities");
    } catch (error) {
      setProblem(problemWords(error));
    }
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
      <p className="max-w-xl text-xl">{words.session.text}</p>
      {session.data.demo ? (
        <>
          <div className="flex flex-wrap gap-3">
            <button type="button" className="btn btn-primary btn-lg" onClick={enter}>
              {words.session.demo}
            </button>
            <Link to="/play" className="btn btn-outline btn-lg">
              {words.session.learner}
            </Link>
          </div>
          <p className="text-soft">{words.session.demoNote}</p>
        </>
      ) : (
        <>
          <p>{words.session.noDemo}</p>
          <Link to="/play" className="btn btn-outline btn-lg self-start">
            {words.session.learner}
          </Link>
        </>
      )}
      {problem && <p role="alert">{problem}</p>}
    </main>
  );
}

const SAMPLE = (
  ["right", "right", "wrong", "right", "now", "to-do", "to-do", "to-do"] as const
).map((state, i) => ({ question: `${i}`, state }));
