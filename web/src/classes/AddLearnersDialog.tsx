import { FileInput } from "lucide-react";
import { type FormEvent, useEffect, useState } from "react";
import { addLearners, understoodNames } from "../api/classes";
import { ApiProblem } from "../api/client";
import { opened } from "../api/lists";
import type { LearnersAdded, NameLine, NameOrder, NamesUnderstood } from "../generated/types";
import { endedLines, LIST_FILES } from "../lists/lines";
import { Dialog } from "../ui/Dialog";
import { FileButton } from "../ui/FileButton";
import { FIELD } from "../ui/field";
import { problemWords } from "../ui/Notice";
import { Pressed } from "../ui/Pressed";
import { words } from "../words/en";
import { lists } from "../words/lists";

const PAUSE_MILLIS = 300;
const AGAIN_MILLIS = 3_000;

const ORDERS: NameOrder[] = ["first-name", "surname", "several"];

/** Learners from a list: what was understood is seen before anybody is added. */
export function AddLearnersDialog(props: {
  id: string;
  added: (result: LearnersAdded) => void;
  onClose: () => void;
}) {
  const { id, added, onClose } = props;
  const [text, setText] = useState("");
  const [order, setOrder] = useState<NameOrder>();
  const [understood, setUnderstood] = useState<NamesUnderstood>();
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  useEffect(() => {
    if (!text.trim()) {
      setUnderstood(undefined);
      return;
    }
    let late = false;
    let asked: ReturnType<typeof setTimeout>;
    const ask = () =>
      understoodNames(id, { text, order })
        .then((result) => {
          if (late) return;
          setUnderstood(result);
          setProblem(undefined);
        })
        .catch((error) => {
          if (late) return;
          // Without network the list stays and is read once there is one.
          const waits = !(error instanceof ApiProblem);
          setProblem(waits ? lists.waits(problemWords(error)) : problemWords(error));
          if (waits) asked = setTimeout(ask, AGAIN_MILLIS);
        });
    asked = setTimeout(ask, PAUSE_MILLIS);
    return () => {
      late = true;
      clearTimeout(asked);
    };
  }, [id, text, order]);
  const write = (changed: string) => {
    setText(changed);
    setOrder(undefined);
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    addLearners(id, { text, order })
      .then(added)
      .catch((error) => {
        setProblem(problemWords(error));
        setBusy(false);
      });
  };
  const take = (file: File) => {
    opened(file)
      .then((result) => write(endedLines(result.text)))
      .catch((error) => setProblem(lists.notOpened(file.name, problemWords(error))));
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
            onChange={(event) => write(event.target.value)}
            rows={12}
            className={`${FIELD} font-sans`}
          />
          <div className="flex flex-wrap items-center gap-3">
            <FileButton
              accept={LIST_FILES}
              className="btn btn-outline"
              take={([file]) => file && take(file)}
            >
              <FileInput size={18} aria-hidden="true" />
              {words.classes.adding.file}
            </FileButton>
          </div>
        </div>
        <div className="grid content-start gap-2" aria-live="polite">
          {understood && <Understood understood={understood} readAs={setOrder} />}
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

function Understood(props: { understood: NamesUnderstood; readAs: (order: NameOrder) => void }) {
  const { understood, readAs } = props;
  const { order, headed, fresh, there, doubles, left, passedOver, lines, more } = understood;
  const [byLine, setByLine] = useState(false);
  return (
    <>
      {!headed && (
        <Pressed
          label={lists.readAs}
          shown
          options={ORDERS.map((one) => ({ key: one, text: words.classes.adding.orders[one] }))}
          value={order}
          choose={readAs}
        />
      )}
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
      {lines.length > 0 && (
        <>
          <button
            type="button"
            aria-expanded={byLine}
            className="min-h-11 cursor-pointer justify-self-start text-soft underline underline-offset-4"
            onClick={() => setByLine(!byLine)}
          >
            {words.takeIn.byLine}
          </button>
          {byLine && <NameLines lines={lines} />}
        </>
      )}
    </>
  );
}

/** How each line was read. */
function NameLines({ lines }: { lines: NameLine[] }) {
  return (
    <ol className="max-h-72 overflow-y-auto">
      {lines.map(({ place, text, role, names }) => (
        <li key={place} className="border-b border-line py-1 [overflow-wrap:anywhere]">
          <bdi className="text-soft">{text}</bdi>{" "}
          {role === "names" ? (
            <>
              → <bdi className="font-medium">{names.join(", ")}</bdi>
            </>
          ) : (
            <span className="text-sm text-soft">— {words.classes.adding.roles[role]}</span>
          )}
        </li>
      ))}
    </ol>
  );
}
