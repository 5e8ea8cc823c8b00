import { useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useCallback, useState } from "react";
import {
  addTeacher,
  changePassword,
  copyNow,
  handOn,
  keys,
  removeTeacher,
  setPassword,
  useServer,
  useSession,
  useTeachers,
} from "../api/teacher";
import type { TeacherCard } from "../generated/types";
import { problemWords } from "../ui/Notice";
import { PasswordField, TextField } from "../ui/TextField";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/en";
import { schoolDay, schoolTime } from "../words/format";
import { ServerNews } from "./ServerNews";
import { Shell } from "./Shell";

/** The teacher's own password and, for the one who looks after the server, the other teachers. */
export default function AccountPage() {
  usePageTitle(words.account.title);
  const session = useSession();
  const { teacher, isKeeper, hasPassword } = session.data ?? {};
  const [keeper, setKeeper] = useState<string>();
  const said = useCallback((line: HTMLElement | null) => line?.focus(), []);
  return (
    <Shell>
      <div className="mx-auto grid max-w-3xl gap-10 px-4 py-6 sm:px-7">
        <div>
          <h1 className="text-3xl font-semibold">{words.account.title}</h1>
          <p className="text-lg text-soft">{teacher}</p>
        </div>
        {keeper && (
          <p
            ref={said}
            role="status"
            tabIndex={-1}
            className="border-l-4 border-success bg-card p-3"
          >
            {words.account.handedOn(keeper)}
          </p>
        )}
        <section aria-labelledby="password">
          <h2 id="password" className="mb-3 text-xl font-semibold">
            {words.account.password}
          </h2>
          {!hasPassword ? (
            <p className="text-soft">{words.account.demo}</p>
          ) : (
            <Form
              submit={words.account.change}
              send={async (form) => {
                await changePassword({ old: form("old"), fresh: form("fresh") });
                return words.account.changed;
              }}
            >
              <PasswordField name="old" label={words.account.old} />
              <PasswordField name="fresh" label={words.account.fresh} isNew />
            </Form>
          )}
        </section>
        {isKeeper && <ThisServer />}
        {isKeeper && <Teachers handedOn={setKeeper} />}
      </div>
    </Shell>
  );
}

const copyTime = (made: string) => (made.includes("T") ? schoolTime(made) : schoolDay(made));

function ThisServer() {
  const server = useServer(true);
  const queries = useQueryClient();
  return (
    <section aria-labelledby="server">
      <h2 id="server" className="mb-2 text-xl font-semibold">
        {words.account.server}
      </h2>
      {server.isError && <p role="alert">{problemWords(server.error)}</p>}
      {server.data && (
        <>
          {server.data.news.length === 0 ? (
            <p>{words.account.wellServer}</p>
          ) : (
            <ServerNews news={server.data.news} />
          )}
          <p className="text-soft">
            {words.account.version(server.data.version)}{" "}
            {server.data.newestCopy
              ? words.account.newestCopy(copyTime(server.data.newestCopy))
              : words.account.noCopy}{" "}
            {words.account.copyText}
          </p>
          <div className="mt-3">
            <Form
              submit={words.account.copyNow}
              send={async () => {
                queries.setQueryData(keys.server, await copyNow());
                return words.account.copied;
              }}
            />
          </div>
        </>
      )}
    </section>
  );
}

function Teachers({ handedOn }: { handedOn: (name: string) => void }) {
  const teachers = useTeachers();
  const queries = useQueryClient();
  return (
    <section aria-labelledby="teachers">
      <h2 id="teachers" className="text-xl font-semibold">
        {words.account.teachers}
      </h2>
      <p className="mb-3 text-soft">{words.account.teachersText}</p>
      {teachers.isError && <p role="alert">{problemWords(teachers.error)}</p>}
      <ul className="mb-5 rounded-[4px] bg-card">
        {teachers.data?.map((teacher) => (
          <li key={teacher.id} className="border-b border-line px-4 py-2.5 last:border-0">
            <Teacher
              teacher={teacher}
              others={teachers.data.filter((other) => other.id !== teacher.id)}
              handedOn={handedOn}
            />
          </li>
        ))}
      </ul>
      <h3 className="mb-2 text-lg font-semibold">{words.account.addTitle}</h3>
      <Form
        submit={words.account.add}
        send={async (form) => {
          const added = await addTeacher({ name: form("name"), password: form("password") });
          await queries.invalidateQueries({ queryKey: keys.teachers });
          return words.account.added(added.name);
        }}
      >
        <TextField name="name" label={words.session.name} autoComplete="off" />
        <PasswordField name="password" label={words.session.password} isNew />
      </Form>
    </section>
  );
}

function Teacher(props: {
  teacher: TeacherCard;
  others: TeacherCard[];
  handedOn: (name: string) => void;
}) {
  const { teacher, others, handedOn } = props;
  if (teacher.isKeeper) {
    return (
      <span className="flex min-h-11 items-center gap-2">
        {teacher.name}
        <span className="text-soft">· {words.account.keeper}</span>
      </span>
    );
  }
  return (
    <details>
      <summary className="flex min-h-11 cursor-pointer flex-wrap items-center justify-between gap-3">
        {teacher.name}
        <span className="text-soft underline">{words.account.lookAfter}</span>
      </summary>
      <div className="grid gap-8 pt-2 pb-4">
        <Form
          submit={words.account.give}
          send={async (form) => {
            await setPassword(teacher, form("password"));
            return words.account.resetDone(teacher.name);
          }}
        >
          <PasswordField name="password" label={words.account.reset(teacher.name)} isNew />
        </Form>
        <HandingOn teacher={teacher} handedOn={handedOn} />
        <Removal teacher={teacher} others={others} />
      </div>
    </details>
  );
}

/** Has another teacher look after the server. */
function HandingOn(props: { teacher: TeacherCard; handedOn: (name: string) => void }) {
  const { teacher, handedOn } = props;
  const queries = useQueryClient();
  const hasPassword = useSession().data?.hasPassword;
  return (
    <Form
      submit={words.account.handOn(teacher.name)}
      send={async (form) => {
        await handOn(teacher, hasPassword ? form("own") : "");
        handedOn(teacher.name);
        // What only the one who looks after the server has goes from her page.
        await queries.invalidateQueries({ queryKey: keys.session });
        return words.account.handedOn(teacher.name);
      }}
    >
      <p>{words.account.handOnTitle(teacher.name)}</p>
      {hasPassword && <PasswordField name="own" label={words.account.ownPassword} />}
    </Form>
  );
}

/** Removes a teacher, once it is said what becomes of her activities. */
function Removal({ teacher, others }: { teacher: TeacherCard; others: TeacherCard[] }) {
  const queries = useQueryClient();
  return (
    <Form
      submit={words.account.remove(teacher.name)}
      send={async (form) => {
        const heir = (name: string) => (form(name) === "removed" ? undefined : Number(form(name)));
        await removeTeacher(teacher, { to: heir("to"), classesTo: heir("classesTo") });
        await queries.invalidateQueries({ queryKey: keys.teachers });
        return words.account.removed(teacher.name);
      }}
    >
      <Heir
        name="to"
        label={words.account.becomes(teacher.name)}
        others={others}
        nobody={words.account.goWith}
      />
      <Heir
        name="classesTo"
        label={words.account.classesBecome}
        others={others}
        nobody={words.account.archive}
      />
    </Form>
  );
}

/** Who gets something of a teacher who leaves. */
function Heir(props: { name: string; label: string; others: TeacherCard[]; nobody: string }) {
  const { name, label, others, nobody } = props;
  return (
    <label className="grid gap-1">
      <span>{label}</span>
      <select
        name={name}
        required
        defaultValue=""
        className="h-11 max-w-full rounded-[14px] border border-edge bg-card px-3"
      >
        <option value="" disabled>
          {words.account.choose}
        </option>
        {others.map((other) => (
          <option key={other.id} value={other.id}>
            {words.account.goTo(other.name)}
          </option>
        ))}
        <option value="removed">{nobody}</option>
      </select>
    </label>
  );
}

/** A form that says below its button what came of it; what was typed goes only when it went well. */
function Form(props: {
  submit: string;
  send: (form: (name: string) => string) => Promise<string>;
  children?: React.ReactNode;
}) {
  const [said, setSaid] = useState<{ text: string; well: boolean }>();
  const [busy, setBusy] = useState(false);
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    const data = new FormData(form);
    setBusy(true);
    setSaid(undefined);
    try {
      setSaid({ text: await props.send((name) => String(data.get(name))), well: true });
      form.reset();
    } catch (error) {
      setSaid({ text: problemWords(error), well: false });
    }
    setBusy(false);
  };
  return (
    <form onSubmit={submit} className="grid max-w-md gap-4">
      {props.children}
      <button type="submit" className="btn btn-primary justify-self-start" disabled={busy}>
        {props.submit}
      </button>
      {said && (
        <p
          role={said.well ? "status" : "alert"}
          className={`border-l-4 bg-card p-3 ${said.well ? "border-success" : "border-error"}`}
        >
          {said.text}
        </p>
      )}
    </form>
  );
}
