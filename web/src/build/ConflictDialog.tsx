import { useMemo, useState } from "react";
import { useNavigate } from "react-router";
import { addActivity } from "../api/teacher";
import { differencesOf, merged } from "../engine/LocalGame";
import type { Activity, Difference, StoredActivity } from "../generated/types";
import { Dialog } from "../ui/Dialog";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";
import type { EditorStore } from "./editor";
import { partName, partText } from "./parts";
import type { Conflict } from "./useSaving";

type Side = "mine" | "theirs";

/** What only one side touched comes from that side; of what both did, this page's is proposed. */
const proposed = ({ mine }: Difference): Side => (mine === "same" ? "theirs" : "mine");

/** Two saves of one activity, part by part: nothing is lost, whichever is chosen. */
export function ConflictDialog(props: {
  useEditor: EditorStore;
  conflict: Conflict;
  goOnFrom: (theirs: StoredActivity) => void;
  /** Writes on before it is decided. */
  later: () => void;
}) {
  const { useEditor, conflict, goOnFrom, later } = props;
  const { theirs } = conflict;
  const [mine] = useState(() => useEditor.getState().activity);
  const differences = useMemo(
    () => differencesOf(conflict.base, mine, theirs.activity),
    [conflict.base, mine, theirs.activity],
  );
  const [chosen, setChosen] = useState<Record<string, Side>>({});
  const [problem, setProblem] = useState<string>();
  const navigate = useNavigate();
  const side = (difference: Difference) => chosen[difference.path] ?? proposed(difference);
  const all = (to: Side) =>
    setChosen(Object.fromEntries(differences.map((difference) => [difference.path, to])));

  const goOn = () => {
    const fromTheirs = differences.filter((difference) => side(difference) === "theirs");
    const whole = merged(mine, theirs.activity, fromTheirs);
    goOnFrom(theirs);
    useEditor.getState().take(whole);
  };
  const keepCopy = async () => {
    try {
      const title = words.activities.copyTitle(mine.titlePage.title);
      const copy = await addActivity({ ...mine, titlePage: { ...mine.titlePage, title } });
      goOnFrom(theirs);
      useEditor.getState().take(theirs.activity);
      navigate(`/activities/${copy.id}`);
    } catch (error) {
      setProblem(problemWords(error));
    }
  };
  return (
    <Dialog title={words.conflict.title} onClose={later} wide>
      <p className="mb-4">{words.conflict.text(new Date(theirs.savedAt))}</p>
      <div className="mb-2 flex flex-wrap gap-2">
        {(["mine", "theirs"] as const).map((to) => (
          <button key={to} type="button" className="btn btn-sm bg-card" onClick={() => all(to)}>
            {words.conflict.all[to]}
          </button>
        ))}
      </div>
      <div className="max-h-[50vh] overflow-y-auto border-y border-line">
        {differences.map((difference) => (
          <Choice
            key={difference.path}
            difference={difference}
            sides={{ mine, theirs: theirs.activity }}
            side={side(difference)}
            choose={(to) => setChosen({ ...chosen, [difference.path]: to })}
          />
        ))}
      </div>
      {problem && (
        <p role="alert" className="mt-4">
          {problem}
        </p>
      )}
      <div className="mt-5 flex flex-wrap gap-3">
        <button type="button" className="btn btn-primary" onClick={goOn}>
          {words.conflict.goOn}
        </button>
        <button type="button" className="btn btn-outline" onClick={keepCopy}>
          {words.conflict.copy}
        </button>
      </div>
    </Dialog>
  );
}

function Choice(props: {
  difference: Difference;
  sides: Record<Side, Activity>;
  side: Side;
  choose: (side: Side) => void;
}) {
  const { difference, sides, side, choose } = props;
  const contested = difference.mine !== "same" && difference.theirs !== "same";
  return (
    <fieldset className="border-b border-line py-3 last:border-0">
      <legend className="float-left mb-1 w-full font-semibold">
        {partName(difference)}
        {contested && <span className="text-error"> · {words.conflict.both}</span>}
      </legend>
      <div className="grid clear-both gap-2 sm:grid-cols-2">
        {(["mine", "theirs"] as const).map((which) => (
          <label
            key={which}
            className={`flex min-h-11 cursor-pointer items-start gap-2 rounded-[14px] border-2 bg-card p-2.5 ${side === which ? "border-base-content" : "border-line"}`}
          >
            <input
              type="radio"
              className="radio radio-sm mt-0.5 border-edge"
              name={difference.path}
              checked={side === which}
              onChange={() => choose(which)}
            />
            <span className="min-w-0 [overflow-wrap:anywhere]">
              <span className="block text-sm text-soft">
                {words.conflict[which]}
                {difference[which] === "same" && ` · ${words.revision.untouched}`}
              </span>
              {partText(sides[which], difference)}
            </span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}
