import { type FormEvent, useId, useState } from "react";
import { joinClass } from "../api/join";
import type { Gate } from "../generated/types";
import { useLeft } from "../play/leftMoves";
import { problemWords } from "../ui/Notice";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/learner";
import type { Member } from "./member";

const FIELD =
  "h-14 w-full rounded-[14px] border-2 border-edge bg-card px-4 font-display text-xl font-semibold";

/** How a learner comes into her class: as somebody new, or with her two words. */
export function ComeIn({ gate, comesIn }: { gate: Gate; comesIn: (member: Member) => void }) {
  usePageTitle(words.join.title(gate.name));
  const shut = gate.door === "shut";
  const [back, setBack] = useState(shut);
  const [name, setName] = useState("");
  const [two, setTwo] = useState("");
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  const id = useId();
  const waiting = useLeft();
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    setProblem(undefined);
    try {
      const joined = await joinClass(gate.code, name, back ? two : undefined);
      const fresh = joined.words;
      comesIn({
        token: joined.token,
        name: joined.name,
        ...(fresh.length > 0 && { words: fresh }),
      });
    } catch (error) {
      setProblem(problemWords(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <main className="mx-auto flex min-h-full max-w-md flex-col justify-center gap-5 p-6">
      <h1 className="text-3xl font-semibold text-balance [overflow-wrap:anywhere]">
        {words.join.title(gate.name)}
      </h1>
      {shut && <p className="text-lg">{words.join.shut}</p>}
      <form onSubmit={submit} className="flex flex-col gap-4">
        {!shut && (
          <fieldset className="grid gap-1">
            {([false, true] as const).map((was) => (
              <label key={String(was)} className="flex min-h-11 items-center gap-3 text-lg">
                <input
                  type="radio"
                  name="who"
                  className="radio border-edge"
                  checked={back === was}
                  onChange={() => setBack(was)}
                />
                {was ? words.join.back : words.join.new}
              </label>
            ))}
          </fieldset>
        )}
        <div>
          <label htmlFor={`${id}-name`}>{words.join.name}</label>
          <input
            id={`${id}-name`}
            required
            value={name}
            onChange={(event) => setName(event.target.value)}
            autoComplete="off"
            spellCheck={false}
            maxLength={120}
            aria-describedby={`${id}-hint`}
            className={FIELD}
          />
          <span id={`${id}-hint`} className="text-soft">
            {words.join.nameHint}
          </span>
        </div>
        {back && (
          <div>
            <label htmlFor={`${id}-two`}>{words.join.words}</label>
            <input
              id={`${id}-two`}
              required
              value={two}
              onChange={(event) => setTwo(event.target.value)}
              autoCapitalize="none"
              autoComplete="off"
              spellCheck={false}
              maxLength={60}
              aria-describedby={`${id}-two-hint`}
              className={FIELD}
            />
            <span id={`${id}-two-hint`} className="text-soft">
              {words.join.wordsHint}
            </span>
          </div>
        )}
        {problem && (
          <p role="alert" className="border-l-4 border-error bg-card p-3">
            {problem}
          </p>
        )}
        {waiting > 0 && <p role="status">{words.join.waiting}</p>}
        <button type="submit" className="btn btn-primary btn-lg" disabled={busy}>
          {words.join.go}
        </button>
      </form>
    </main>
  );
}
