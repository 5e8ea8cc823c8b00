import { FileInput } from "lucide-react";
import { type FormEvent, useEffect, useState } from "react";
import { addLearners, understoodFile, understoodNames } from "../api/classes";
import type { LearnersAdded, NamesUnderstood } from "../generated/types";
import { Dialog } from "../ui/Dialog";
import { FileButton } from "../ui/FileButton";
import { FIELD } from "../ui/field";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";

const PAUSE_MILLIS = 300;

/** Learners from a list: what was understood is seen before anybody is added. */
export function AddLearnersDialog(props: {
  id: string;
  added: (result: LearnersAdded) => void;
  onClose: () => void;
}) {
  const { id, added, onClose } = props;
  const [text, setText] = useState("");
  const [surnameFirst, setSurnameFirst] = useState(false);
  const [understood, setUnderstood] = useState<NamesUnderstood>();
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  useEffect(() => {
    if (!text.trim()) {
      setUnderstood(undefined);
      return;
    }
    let late = false;
    const asked = setTimeout(() => {
      understoodNames(id, { text, surnameFirst })
        .then((result) => {
          if (late) return;
          setUnderstood(result);
          setProblem(undefined);
        })
        .catch((error) => !late && setProblem(problemWords(error)));
    }, PAUSE_MILLIS);
    return () => {
      late = true;
      clearTimeout(asked);
    };
  }, [id, text, surnameFirst]);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    addLearners(id, { text, surnameFirst })
      .then(added)
      .catch((error) => {
        setProblem(problemWords(error));
        setBusy(false);
      });
  };
  const take = (file: File) => {
    understoodFile(id, file, surnameFirst)
      .then((result) => setText(result.text))
      .catch((error) => setProblem(problemWords(error)));
  };
  return (
    <Dialog title={words.classes.adding.title} onClose={onClose} wide>
      <form onSubmit={submit} className="grid gap-4 md:grid-cols-2">
        <div className="grid content-start gap-3">
          <p>{words.classes.adding.text}</p>
          <textarea
            data-first
            aria-label={words.classes.adding.label}
            value={text}
            onChange={(event) => setText(event.target.value)}
            rows={12}
            className={`${FIELD} font-sans`}
          />
          <div className="flex flex-wrap items-center gap-3">
            <FileButton
              accept=".csv,.tsv,.txt,text/csv,text/plain"
              className="btn btn-outline"
              take={([file]) => file && take(file)}
            >
              <FileInput size={18} aria-hidden="true" />
              {words.classes.adding.file}
            </FileButton>
            <label className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="checkbox"
                checked={surnameFirst}
                onChange={(event) => setSurnameFirst(event.target.checked)}
              />
              {words.classes.adding.surname}
            </label>
          </div>
        </div>
        <div className="grid content-start gap-2" aria-live="polite">
          {understood && <Understood understood={understood} />}
        </div>
        {problem && (
          <p role="alert" className="md:col-span-2">
            {problem}
          </p>
        )}
        <button
          type="submit"
          className="btn btn-primary justify-self-start"
          disabled={busy || !understood || understood.fresh.length === 0}
        >
          {words.classes.adding.add(understood?.fresh.length ?? 0)}
        </button>
      </form>
    </Dialog>
  );
}

function Understood({ understood }: { understood: NamesUnderstood }) {
  const { fresh, there, doubles, left, passedOver, more } = understood;
  return (
    <>
      <p className="font-display font-semibold">{words.classes.adding.fresh(fresh.length)}</p>
      <ul className="max-h-72 columns-2 overflow-y-auto rounded-[4px] bg-card p-3">
        {fresh.map((name) => (
          <li key={name} className="[overflow-wrap:anywhere]">
            <bdi>{name}</bdi>
          </li>
        ))}
      </ul>
      {there.length > 0 && <p>{words.classes.adding.there(there)}</p>}
      {doubles.length > 0 && <p>{words.classes.adding.doubles(doubles)}</p>}
      {left.length > 0 && <p>{words.classes.adding.left(left.slice(0, 5))}</p>}
      {passedOver.length > 0 && (
        <p className="text-soft">{words.classes.adding.passedOver(passedOver)}</p>
      )}
      {more && <p>{words.classes.adding.more}</p>}
    </>
  );
}
