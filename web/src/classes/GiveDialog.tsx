import { type FormEvent, useState } from "react";
import { Link } from "react-router";
import { changeGiven, give, useClass, useClasses } from "../api/classes";
import { ChoiceChip } from "../build/chips";
import type { ClassView, Given, LearnerLine, LocalTerms } from "../generated/types";
import { Dialog } from "../ui/Dialog";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";
import { ActivityChoice } from "./ActivityChoice";
import { ClassChoice } from "./ClassChoice";
import { TermsSentence } from "./TermsSentence";

const USUAL: LocalTerms = {
  counts: "best",
  told: "at-once",
  atClosing: "finish",
  marks: "at-once",
};

/**
 * Gives an activity to a class: the class is known, or the activity; or it is given already, and its
 * terms are changed.
 */
export default function GiveDialog(props: {
  to?: ClassView;
  activity?: { id: string; title: string };
  given?: Given;
  /** Whether what was written is still being saved: it is given as it is then. */
  saving?: boolean;
  done: (given: Given, className: string) => void;
  onClose: () => void;
}) {
  const { to, given, saving = false, done, onClose } = props;
  const [activity, setActivity] = useState(props.activity);
  const [classId, setClassId] = useState(to?.card.id);
  const chosenClass = useClass(classId ?? "", classId !== undefined && !to);
  const view = to ?? chosenClass.data;
  const [terms, setTerms] = useState<LocalTerms>(given?.terms ?? USUAL);
  const [learners, setLearners] = useState<string[] | undefined>(given?.learners);
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  const ready = given || (activity && view);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!view || !ready) return;
    setBusy(true);
    const giving = { activity: given?.activity ?? activity?.id ?? "", terms, learners };
    (given ? changeGiven(given.id, giving) : give(view.card.id, giving))
      .then((result) => {
        done(result, view.card.name);
        onClose();
      })
      .catch((error) => {
        setProblem(problemWords(error));
        setBusy(false);
      });
  };
  const said = words.classes.giving;
  return (
    <Dialog title={given ? said.changeTitle : said.title} onClose={onClose} wide>
      <form onSubmit={submit} className="grid gap-4">
        {!given && !to && <WhichClass value={classId} change={setClassId} />}
        {!given && !props.activity && (
          <ActivityChoice
            legend={said.activity}
            chosen={activity ? [activity] : []}
            choose={setActivity}
            takesFocus
          />
        )}
        {props.activity && (
          <p className="font-display text-xl font-semibold [overflow-wrap:anywhere]">
            {props.activity.title || words.activities.untitled}
          </p>
        )}
        <TermsSentence
          terms={terms}
          zone={view?.zone}
          change={(part) => setTerms({ ...terms, ...part })}
        />
        {view && (
          <Whom
            all={view.learners.filter(({ removedAt, waiting }) => !removedAt && !waiting)}
            chosen={learners}
            change={setLearners}
          />
        )}
        {problem && <p role="alert">{problem}</p>}
        {saving && <p role="status">{said.saving}</p>}
        <button
          type="submit"
          className="btn btn-primary justify-self-start"
          disabled={busy || saving || !ready}
        >
          {given ? said.save : said.give}
        </button>
      </form>
    </Dialog>
  );
}

function WhichClass(props: { value?: string; change: (id?: string) => void }) {
  const { value, change } = props;
  const classes = useClasses();
  const used = classes.data?.filter(({ archivedAt }) => !archivedAt) ?? [];
  if (classes.isSuccess && used.length === 0) {
    return (
      <p>
        {words.classes.giving.noClass}{" "}
        <Link to="/classes" className="underline underline-offset-4">
          {words.classes.giving.makeClass}
        </Link>
      </p>
    );
  }
  return <ClassChoice value={value} change={change} />;
}

/** Everyone in the class, or some of them. */
function Whom(props: {
  all: LearnerLine[];
  chosen?: string[];
  change: (learners?: string[]) => void;
}) {
  const { all, chosen, change } = props;
  const said = words.classes.giving;
  return (
    <div>
      <p className="leading-[2.6rem]">
        {said.everyone}{" "}
        <ChoiceChip
          label={said.choose}
          names={said.whom}
          value={chosen ? "chosen" : "all"}
          change={(whom) => change(whom === "all" ? undefined : [])}
        />
      </p>
      {chosen && (
        <ul className="grid max-h-56 grid-cols-[repeat(auto-fill,minmax(12rem,1fr))] gap-x-4 overflow-y-auto rounded-[4px] bg-card p-2">
          {all.map(({ id, name }) => (
            <li key={id}>
              <label className="flex min-h-11 items-center gap-3 [overflow-wrap:anywhere]">
                <input
                  type="checkbox"
                  className="checkbox shrink-0"
                  checked={chosen.includes(id)}
                  onChange={(event) =>
                    change(
                      event.target.checked
                        ? [...chosen, id]
                        : chosen.filter((other) => other !== id),
                    )
                  }
                />
                <bdi>{name}</bdi>
              </label>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
