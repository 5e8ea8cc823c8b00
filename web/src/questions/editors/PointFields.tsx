import { Image, X } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { randomId } from "../../engine/randomId";
import { limits } from "../../generated/limits";
import type { Area, Form, PointAt, Spot } from "../../generated/types";
import { Picking } from "../../media/Picking";
import { smallAddress } from "../../rich/media";
import { type FieldKey, WordsField } from "../../rich/WordsField";
import { written } from "../../rich/words";
import { words } from "../../words/en";
import { AreaBoard } from "./AreaBoard";
import { AreaTools } from "./AreaTools";
import type { FieldsProps } from "./KindFields";
import { LINE_FIELD, Part } from "./rows";
import { onEnter, STEP } from "./steps";

/** The picture, what it shows in words, and the areas drawn over it. */
export function PointFields({ question, change, next }: FieldsProps<PointAt>) {
  const { areas, picture } = question;
  const [picking, setPicking] = useState(false);
  const [tool, setTool] = useState<Form>();
  const [chosen, setChosen] = useState<string>();
  const [fresh, setFresh] = useState<string>();
  const add = (form: Form, corners: Spot[]) => {
    const id = randomId();
    const right = !areas.some((area) => area.right);
    change({ areas: [...areas, { id, name: "", form, corners, right }] });
    setChosen(id);
    setFresh(id);
    setTool(undefined);
  };
  const set = (id: string, part: Partial<Area>, key?: string) =>
    change(
      { areas: areas.map((area) => (area.id === id ? { ...area, ...part } : area)) },
      key && `${id} ${key}`,
    );
  const onward = onEnter("[data-point]", next);
  return (
    <div data-point>
      <Part title={words.sheet.picture}>
        <div className="flex flex-wrap items-center gap-3 py-1">
          {picture && (
            <img src={smallAddress(picture)} alt={question.alt} className="h-16 rounded-[4px]" />
          )}
          <button
            type="button"
            data-row
            className={`btn ${picture ? "btn-outline" : "btn-primary"}`}
            onClick={() => setPicking(true)}
          >
            <Image size={18} aria-hidden="true" />
            {picture ? words.sheet.otherPicture : words.media.choose.picture}
          </button>
        </div>
        {picking && (
          <Picking
            kind="picture"
            choose={(card) => {
              setPicking(false);
              change({ picture: card.medium, alt: card.words || question.alt });
            }}
            onClose={() => setPicking(false)}
          />
        )}
      </Part>
      {picture && (
        <>
          <Part title={words.sheet.alt}>
            <input
              aria-label={words.sheet.alt}
              value={question.alt}
              maxLength={300}
              {...STEP}
              onKeyDown={onward}
              className={`${LINE_FIELD} w-full`}
              onChange={(event) => change({ alt: event.target.value }, "alt")}
            />
          </Part>
          <Part title={words.sheet.areas}>
            <div className="flex flex-wrap items-center gap-2 py-1">
              <AreaTools
                names={words.sheet.forms}
                tool={tool}
                choose={setTool}
                draw={add}
                disabled={areas.length >= limits.PointAt.areas.most}
              />
            </div>
            <p className="min-h-6 text-sm text-soft" role="status">
              {tool ? words.sheet.drawing[tool] : areas.length > 0 ? words.sheet.areaHow : ""}
            </p>
            <AreaBoard
              picture={picture}
              areas={areas}
              tool={tool}
              chosen={chosen}
              choose={setChosen}
              draw={add}
              leave={() => setTool(undefined)}
              reshape={(id, corners, key) => set(id, { corners }, key)}
            />
            <ul className="mt-2">
              {areas.map((area, i) => (
                <AreaLine
                  key={area.id}
                  area={area}
                  number={i + 1}
                  chosen={chosen === area.id}
                  fresh={fresh === area.id}
                  choose={() => setChosen(area.id)}
                  set={(part, key) => set(area.id, part, key)}
                  onward={onward}
                  remove={() => change({ areas: areas.filter((one) => one !== area) })}
                />
              ))}
            </ul>
          </Part>
        </>
      )}
    </div>
  );
}

function AreaLine(props: {
  area: Area;
  number: number;
  chosen: boolean;
  /** Just drawn: what is there is written next. */
  fresh: boolean;
  choose: () => void;
  set: (part: Partial<Area>, key?: string) => void;
  onward: (event: FieldKey) => void;
  remove: () => void;
}) {
  const { area, number, chosen, fresh, choose, set, onward, remove } = props;
  const name = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (fresh) name.current?.focus({ preventScroll: true });
  }, [fresh]);
  return (
    <li
      onFocus={choose}
      className={`flex flex-wrap items-center gap-x-2 border-l-4 pl-2 ${chosen ? "border-primary" : "border-transparent"}`}
    >
      <span
        aria-hidden="true"
        className={`grid size-7 shrink-0 place-items-center rounded-full border-2 font-display text-sm font-semibold ${area.right ? "border-success bg-success text-success-content" : "border-edge text-soft"}`}
      >
        {number}
      </span>
      <input
        ref={name}
        {...STEP}
        onKeyDown={onward}
        aria-label={words.sheet.areaName(number)}
        placeholder={words.sheet.areaNamePlaceholder}
        value={area.name}
        maxLength={100}
        className={LINE_FIELD}
        onChange={(event) => set({ name: event.target.value }, "name")}
      />
      <button
        type="button"
        aria-pressed={area.right}
        aria-label={words.sheet.areaRight(number)}
        onClick={() => set({ right: !area.right })}
        className={`min-h-11 w-24 cursor-pointer rounded-[14px] font-display text-sm font-semibold hover:underline ${area.right ? "text-success" : "text-soft"}`}
      >
        {area.right ? `✓ ${words.sheet.right}` : words.sheet.notRight}
      </button>
      <button
        type="button"
        className="btn btn-ghost btn-square btn-sm text-soft"
        aria-label={words.sheet.areaRemove(number)}
        onClick={remove}
      >
        <X size={16} aria-hidden="true" />
      </button>
      {chosen && (
        <div className="flex basis-full">
          <WordsField
            data={STEP}
            onKeyDown={onward}
            label={words.sheet.areaFeedback(number)}
            placeholder={words.sheet.areaFeedbackPlaceholder}
            value={area.feedback ?? ""}
            maxLength={1000}
            className={`${LINE_FIELD} text-base`}
            change={(text) => set({ feedback: written(text) }, "feedback")}
          />
        </div>
      )}
    </li>
  );
}
