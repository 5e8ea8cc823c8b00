import { type FormEvent, useState } from "react";
import { changeLearner } from "../api/classes";
import type { LearnerLine } from "../generated/types";
import { Dialog } from "../ui/Dialog";
import { FIELD } from "../ui/field";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";

const TIMES = [100, 125, 150, 175, 200, 300];

/** A learner's name, and what she is entitled to. */
export function LearnerDialog(props: {
  id: string;
  learner: LearnerLine;
  saved: (name: string) => void;
  onClose: () => void;
}) {
  const { id, learner, saved, onClose } = props;
  const [name, setName] = useState(learner.name);
  const [time, setTime] = useState(learner.time ?? 100);
  const [help, setHelp] = useState(learner.help);
  const [problem, setProblem] = useState<string>();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    changeLearner(id, learner.id, { name, time: time === 100 ? undefined : time, help })
      .then(() => {
        saved(name.trim());
        onClose();
      })
      .catch((error) => setProblem(problemWords(error)));
  };
  const times = TIMES.includes(time) ? TIMES : [...TIMES, time].sort((a, b) => a - b);
  return (
    <Dialog title={words.classes.learner.title(learner.name)} onClose={onClose}>
      <form onSubmit={submit} className="grid gap-4">
        <label className="grid gap-1">
          {words.classes.learner.name}
          <input
            data-first
            required
            maxLength={120}
            value={name}
            onChange={(event) => setName(event.target.value)}
            className={`${FIELD} h-12 text-lg`}
          />
        </label>
        <label className="grid gap-1">
          {words.classes.learner.time}
          <select
            className={`${FIELD} h-12`}
            value={time}
            onChange={(event) => setTime(Number(event.target.value))}
          >
            {times.map((percent) => (
              <option key={percent} value={percent}>
                {percent === 100
                  ? words.classes.learner.usual
                  : words.classes.learner.percent(percent)}
              </option>
            ))}
          </select>
        </label>
        <fieldset>
          <legend>{words.classes.learner.help}</legend>
          {Object.entries(words.classes.learner.helps).map(([key, said]) => (
            <label key={key} className="flex min-h-11 items-center gap-3">
              <input
                type="checkbox"
                className="checkbox"
                checked={help.includes(key)}
                onChange={(event) =>
                  setHelp(event.target.checked ? [...help, key] : help.filter((one) => one !== key))
                }
              />
              {said}
            </label>
          ))}
        </fieldset>
        <p className="text-soft">{words.classes.learner.private}</p>
        {problem && <p role="alert">{problem}</p>}
        <button type="submit" className="btn btn-primary justify-self-start">
          {words.classes.learner.save}
        </button>
      </form>
    </Dialog>
  );
}
