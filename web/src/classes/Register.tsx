import {
  ArrowRightLeft,
  EllipsisVertical,
  KeyRound,
  Merge,
  Pencil,
  Ticket,
  Trash2,
  UserRoundPlus,
} from "lucide-react";
import { useDeferredValue, useRef, useState } from "react";
import {
  bringLearnerBack,
  letAllIn,
  letIn,
  makeSlips,
  refuseNewcomers,
  removeLearner,
} from "../api/classes";
import type { ClassView, LearnerLine, Slip } from "../generated/types";
import { Dialog } from "../ui/Dialog";
import { FIELD } from "../ui/field";
import { Menu, MenuItem } from "../ui/Menu";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";
import { AddLearnersDialog } from "./AddLearnersDialog";
import { LearnerDialog } from "./LearnerDialog";
import { LearnerLink } from "./LearnerLink";
import { MergeDialog } from "./MergeDialog";
import { MoveDialog } from "./MoveDialog";
import { RemovedList } from "./RemovedList";
import type { Message, useDoing } from "./useDoing";

/** From so many learners on a name is looked for. */
const MANY = 12;

interface RegisterProps {
  view: ClassView;
  attempt: ReturnType<typeof useDoing>["attempt"];
  say: (message: Message) => void;
  slips: (slips: Slip[]) => void;
  anew: () => void;
}

type Open =
  | { is: "add" | "slips" }
  | { is: "learner" | "merge" | "move" | "words"; learner: LearnerLine }
  | undefined;

/** The register: one line a learner. */
export function Register(props: RegisterProps) {
  const { view, say, slips, anew } = props;
  const { id } = view.card;
  const [open, setOpen] = useState<Open>();
  const heading = useRef<HTMLHeadingElement>(null);
  const [search, setSearch] = useState("");
  const looked = useDeferredValue(search.trim().toLowerCase());
  const present = view.learners.filter(({ removedAt }) => !removedAt);
  const out = view.learners.filter(({ removedAt }) => removedAt);
  const shown = present.filter(({ name }) => name.toLowerCase().includes(looked));
  const close = () => setOpen(undefined);
  return (
    <section aria-labelledby="register">
      <div className="mb-2 flex flex-wrap items-center gap-2">
        <h2 id="register" ref={heading} tabIndex={-1} className="mr-auto text-xl font-semibold">
          {words.classes.register.title(present.length)}
        </h2>
        {present.length > MANY && (
          <input
            type="search"
            aria-label={words.classes.register.find}
            placeholder={words.classes.register.find}
            value={search}
            onChange={(event) => setSearch(event.target.value)}
            className={`${FIELD} h-11 max-w-56`}
          />
        )}
        {present.length > 0 && (
          <button
            type="button"
            className="btn btn-outline"
            onClick={() => setOpen({ is: "slips" })}
          >
            <Ticket size={18} aria-hidden="true" />
            {words.classes.register.slips}
          </button>
        )}
        <button type="button" className="btn btn-outline" onClick={() => setOpen({ is: "add" })}>
          <UserRoundPlus size={18} aria-hidden="true" />
          {words.classes.register.add}
        </button>
      </div>
      <Newcomers {...props} done={() => heading.current?.focus()} />
      {present.length === 0 && <p className="text-soft">{words.classes.register.none}</p>}
      {shown.length > 0 && (
        <ul className="rounded-[4px] bg-card">
          {shown.map((learner) => (
            <Line
              key={learner.id}
              learner={learner}
              open={(is) => setOpen({ is, learner })}
              {...props}
            />
          ))}
        </ul>
      )}
      {out.length > 0 && <Out learners={out} {...props} />}
      {open?.is === "add" && (
        <AddLearnersDialog
          id={id}
          added={(result) => {
            anew();
            close();
            if (result.slips.length > 0) slips(result.slips);
            say({ text: words.classes.adding.added(result.slips.length) });
          }}
          onClose={close}
        />
      )}
      {(open?.is === "slips" || open?.is === "words") && (
        <NewWords
          title={
            open.is === "words" ? words.classes.register.newWords : words.classes.register.slips
          }
          warns={
            open.is === "words"
              ? words.classes.register.newWordsWarn(open.learner.name)
              : words.classes.register.slipsWarn(present.length)
          }
          does={
            open.is === "words" ? words.classes.register.newWordsDo : words.classes.register.slipsDo
          }
          make={() =>
            makeSlips(
              id,
              (open.is === "words" ? [open.learner] : present).map((learner) => learner.id),
            )
          }
          made={(all) => {
            anew();
            close();
            slips(all);
          }}
          onClose={close}
        />
      )}
      {open?.is === "learner" && (
        <LearnerDialog
          id={id}
          learner={open.learner}
          saved={(name) => {
            anew();
            say({ text: words.classes.learner.saved(name) });
          }}
          onClose={close}
        />
      )}
      {open?.is === "move" && (
        <MoveDialog
          id={id}
          learner={open.learner}
          moved={(to) => {
            anew();
            say({ text: words.classes.moved(open.learner.name, to) });
          }}
          onClose={close}
        />
      )}
      {open?.is === "merge" && (
        <MergeDialog
          id={id}
          learner={open.learner}
          others={present.filter((other) => other.id !== open.learner.id)}
          merged={(name) => {
            anew();
            say({ text: words.classes.learner.merged(name) });
          }}
          onClose={close}
        />
      )}
    </section>
  );
}

/** Who waits, where there are several: to be let in or refused together. */
function Newcomers({ view, attempt, done }: RegisterProps & { done: () => void }) {
  const { id } = view.card;
  const waiting = view.learners.filter((learner) => learner.waiting && !learner.removedAt);
  if (waiting.length < 2) return null;
  const bringBack = () => Promise.all(waiting.map((learner) => bringLearnerBack(id, learner.id)));
  return (
    <p className="mb-3 flex flex-wrap items-center gap-3 rounded-[4px] border-l-8 border-accent bg-card px-4 py-2">
      <span className="mr-auto">{words.classes.register.newcomers(waiting.length)}</span>
      <button
        type="button"
        className="btn btn-outline"
        onClick={() => {
          done();
          attempt(letAllIn(id));
        }}
      >
        {words.classes.register.letAllIn}
      </button>
      <button
        type="button"
        className="btn btn-outline"
        onClick={() => {
          done();
          attempt(refuseNewcomers(id), words.classes.register.refused(waiting.length), bringBack);
        }}
      >
        {words.classes.register.refuseAll}
      </button>
    </p>
  );
}

function Line(
  props: RegisterProps & {
    learner: LearnerLine;
    open: (is: "learner" | "merge" | "move" | "words") => void;
  },
) {
  const { view, learner, open, attempt } = props;
  const { id } = view.card;
  const { name } = learner;
  const facts = [
    learner.time === undefined ? "" : words.classes.register.time(learner.time),
    learner.help.length > 0 ? words.classes.register.help(learner.help) : "",
    learner.words ? "" : words.classes.register.noWords,
    learner.joined ? "" : words.classes.register.notJoined,
  ].filter(Boolean);
  return (
    <li className="flex min-h-13 flex-wrap items-center gap-x-5 border-b border-line px-4 py-1 last:border-0">
      <span className="mr-auto flex min-h-11 items-center [overflow-wrap:anywhere]">
        <LearnerLink classId={id} learner={learner.id} name={name} />
      </span>
      {learner.waiting ? (
        <>
          <span className="rounded-[4px] bg-accent px-2 font-semibold text-accent-content">
            {words.classes.register.waits}
          </span>
          <button
            type="button"
            className="btn btn-outline btn-sm h-11"
            onClick={(event) => {
              event.currentTarget.closest("li")?.querySelector("a")?.focus();
              attempt(letIn(id, learner.id));
            }}
          >
            {words.classes.register.letIn}
          </button>
        </>
      ) : (
        <span className="text-soft">{facts.join(" · ")}</span>
      )}
      <Menu label={words.classes.register.actions(name)} icon={EllipsisVertical}>
        <MenuItem icon={Pencil} label={words.classes.register.change} act={() => open("learner")} />
        <MenuItem
          icon={KeyRound}
          label={words.classes.register.newWords}
          act={() => open("words")}
        />
        <MenuItem icon={ArrowRightLeft} label={words.classes.moveTo} act={() => open("move")} />
        <MenuItem icon={Merge} label={words.classes.register.merge} act={() => open("merge")} />
        <MenuItem
          icon={Trash2}
          label={words.classes.register.remove}
          act={() =>
            attempt(removeLearner(id, learner.id), words.classes.register.removed(name), () =>
              bringLearnerBack(id, learner.id),
            )
          }
        />
      </Menu>
    </li>
  );
}

/** Who was taken out of the register. */
function Out({ learners, view, attempt }: RegisterProps & { learners: LearnerLine[] }) {
  const said = words.classes.register;
  const nameOf = (id: string) => learners.find((learner) => learner.id === id)?.name ?? "";
  return (
    <RemovedList
      title={said.out(learners.length)}
      text={said.outText}
      removed={learners.map(({ id, name }) => ({ id, name: <bdi>{name}</bdi> }))}
      restore={(id) => attempt(bringLearnerBack(view.card.id, id), said.broughtBack(nameOf(id)))}
    />
  );
}

/** New words for somebody or for everybody, once it is clear what that means. */
function NewWords(props: {
  title: string;
  warns: string;
  does: string;
  make: () => Promise<Slip[]>;
  made: (slips: Slip[]) => void;
  onClose: () => void;
}) {
  const { title, warns, does, make, made, onClose } = props;
  const [problem, setProblem] = useState<string>();
  return (
    <Dialog title={title} onClose={onClose}>
      <p className="mb-4">{warns}</p>
      {problem && <p role="alert">{problem}</p>}
      <button
        type="button"
        data-first
        className="btn btn-primary"
        onClick={() =>
          make()
            .then(made)
            .catch((error) => setProblem(problemWords(error)))
        }
      >
        {does}
      </button>
    </Dialog>
  );
}
