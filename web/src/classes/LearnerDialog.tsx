import { useState } from "react";
import { changeLearner } from "../api/classes";
import type { LearnerLine } from "../generated/types";
import { FIELD } from "../ui/field";
import { words } from "../words/en";
import { FormDialog } from "./FormDialog";

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
  const send = () =>
    changeLearner(id, learner.id, { name, time: time === 100 ? undefined : time, help }).then(() =>
      saved(name.trim()),
    );
  const times = TIMES.includes(time) ? TIMES : [...TIMES, time].sort((a, b) => a - b);
  return (
    <FormDialog
      title={words.classes.learner.title(learner.name)}
      submit={words.classes.learner.save}
      send={send}
      onClose={onClose}
    >
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
    </FormDialog>
  );
}
