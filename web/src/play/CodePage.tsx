import { type FormEvent, useState } from "react";
import { useNavigate } from "react-router";
import { ApiProblem } from "../api/client";
import { readGate } from "../api/join";
import { readInvitation } from "../api/learner";
import { problemWords } from "../ui/Notice";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/learner";

/** Where a code leads: to an activity, or into a class. */
async function wayOf(code: string): Promise<string> {
  try {
    return `/play/${(await readInvitation(code)).code}`;
  } catch (error) {
    if (!(error instanceof ApiProblem && error.status === 404)) throw error;
    const gate = await readGate(code).catch((other) => {
      throw other instanceof ApiProblem && other.status === 404 ? error : other;
    });
    return `/join/${gate.code}`;
  }
}

/** Where a learner types the code from the board. */
export default function CodePage() {
  usePageTitle(words.play.codeTitle);
  const [code, setCode] = useState("");
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  const navigate = useNavigate();
  const go = async (event: FormEvent) => {
    event.preventDefault();
    if (!code.trim()) return;
    setBusy(true);
    try {
      navigate(await wayOf(code.trim()));
    } catch (error) {
      setProblem(problemWords(error));
      setBusy(false);
    }
  };
  return (
    <main className="mx-auto flex min-h-full max-w-md flex-col justify-center gap-5 p-6">
      <h1 className="text-3xl font-semibold text-balance">{words.play.codeTitle}</h1>
      <form onSubmit={go} className="flex flex-col gap-4">
        <div className="flex flex-col gap-1">
          <label htmlFor="code">{words.play.codeLabel}</label>
          <input
            id="code"
            value={code}
            onChange={(event) => setCode(event.target.value)}
            autoCapitalize="none"
            autoComplete="off"
            spellCheck={false}
            maxLength={20}
            aria-describedby="code-hint"
            aria-invalid={problem !== undefined}
            className="h-16 rounded-[14px] border-2 border-edge bg-card px-4 font-display text-3xl font-semibold tracking-widest"
          />
          <span id="code-hint" className="text-soft">
            {words.play.codeHint}
          </span>
        </div>
        {problem && (
          <p role="alert" className="border-l-4 border-error bg-card p-3">
            {problem}
          </p>
        )}
        <button type="submit" className="btn btn-primary btn-lg" disabled={busy}>
          {words.play.go}
        </button>
      </form>
    </main>
  );
}
