import { useQueryClient } from "@tanstack/react-query";
import { MonitorPlay, Users } from "lucide-react";
import { type FormEvent, useState } from "react";
import { Link, useParams } from "react-router";
import { ApiProblem } from "../api/client";
import { coverKeys, enterCover, useCoverPage } from "../api/cover";
import { keys, useSession } from "../api/teacher";
import { Shell } from "../app/Shell";
import type { ToPresent } from "../generated/types";
import { LookButton } from "../ui/LookButton";
import { Failed, Loading, problemWords } from "../ui/Notice";
import { TextField } from "../ui/TextField";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/en";

const said = words.cover;

/** For whoever takes a class for a day: the code, then what there is to present and to watch. */
export default function CoverPage() {
  const { code = "" } = useParams();
  const session = useSession();
  if (session.isPending) return <Loading />;
  if (session.isError) return <Failed error={session.error} again={session.refetch} />;
  return session.data.covers ? <ForTheDay /> : <Enter code={code} />;
}

function Enter({ code }: { code: string }) {
  const queries = useQueryClient();
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    setBusy(true);
    setProblem(undefined);
    enterCover(String(new FormData(event.currentTarget).get("code")))
      .then((session) => {
        queries.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== keys.session[0] });
        queries.setQueryData(keys.session, session);
      })
      .catch((error) => {
        setProblem(problemWords(error));
        setBusy(false);
      });
  };
  usePageTitle(said.enterTitle);
  return (
    <main className="mx-auto flex min-h-full max-w-md flex-col justify-center gap-5 p-6">
      <div className="absolute top-3 right-4">
        <LookButton />
      </div>
      <p className="font-display text-xl font-bold text-primary">{words.name}</p>
      <h1 className="text-3xl font-semibold text-balance">{said.enterTitle}</h1>
      <p className="text-lg">{said.enterText}</p>
      <form onSubmit={submit} className="grid gap-4">
        <TextField
          name="code"
          label={said.code}
          defaultValue={code}
          autoCapitalize="none"
          autoComplete="off"
          spellCheck={false}
        />
        {problem && (
          <p role="alert" className="border-l-4 border-error bg-card p-3">
            {problem}
          </p>
        )}
        <button type="submit" className="btn btn-primary btn-lg" disabled={busy}>
          {said.enter}
        </button>
      </form>
    </main>
  );
}

function ForTheDay() {
  const page = useCoverPage();
  const queries = useQueryClient();
  usePageTitle(page.data?.name);
  if (page.isPending) return <Loading />;
  if (page.isError && !page.data) return <Failed error={page.error} again={page.refetch} />;
  const over = page.isError && page.error instanceof ApiProblem && page.error.status === 401;
  const { name, day, code, items } = page.data;
  return (
    <Shell>
      <div className="mx-auto max-w-4xl px-4 py-5 sm:px-7">
        <p className="text-soft">{said.until(day)}</p>
        <h1 className="mb-1 text-3xl font-semibold [overflow-wrap:anywhere]">{name}</h1>
        <p className="mb-5">{said.comeIn(code)}</p>
        {over && (
          <p role="alert" className="mb-4 rounded-[4px] border-l-8 border-accent bg-card p-4">
            {said.over}{" "}
            <button
              type="button"
              className="underline underline-offset-4"
              onClick={() => {
                queries.removeQueries({ queryKey: coverKeys.page });
                queries.invalidateQueries({ queryKey: keys.session });
              }}
            >
              {said.again}
            </button>
          </p>
        )}
        {items.length === 0 ? (
          <p className="text-lg">{said.nothing}</p>
        ) : (
          <ul className="rounded-[4px] bg-card">
            {items.map((item) => (
              <Item key={`${item.activity} ${item.watch?.id}`} item={item} />
            ))}
          </ul>
        )}
      </div>
    </Shell>
  );
}

function Item({ item }: { item: ToPresent }) {
  const { activity, title, watch } = item;
  const name = title || words.activities.untitled;
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-line px-4 py-3 last:border-0">
      <div className="min-w-0 flex-1 basis-60">
        <h2 className="font-display text-xl font-semibold [overflow-wrap:anywhere]">{name}</h2>
        <p className="text-soft">
          {!watch
            ? said.notAssigned
            : watch.open
              ? said.progress(watch.begun, watch.through, watch.learners)
              : said.closed}
        </p>
      </div>
      <Link to={`/present/${activity}`} className="btn btn-primary">
        <MonitorPlay size={18} aria-hidden="true" />
        {said.present}
        <span className="sr-only">: {name}</span>
      </Link>
      {watch && (
        <Link to={`/cover/${watch.id}/live`} className="btn btn-outline">
          <Users size={18} aria-hidden="true" />
          {said.watch}
          <span className="sr-only">: {name}</span>
        </Link>
      )}
    </li>
  );
}
