import { useState } from "react";
import { FigureShading, FigureView } from "../../figures/FigureView";
import { figureWords } from "../../figures/figureWords";
import { limits } from "../../generated/limits";
import type { Figure, FractionSheet } from "../../generated/types";
import { words } from "../../words/learner";
import { type AnswerProps, isClosed } from "./answerProps";
import { UndoStep, useSteps } from "./steps";

type FieldProps = AnswerProps & { sheet: FractionSheet };

/** A fraction in a figure: named, shaded, shown by another cut, or compared. */
export function FractionField(props: AnswerProps) {
  const { sheet } = props.question;
  if (sheet?.kind !== "fraction") return null;
  const several = sheet.figures.length > 1;
  const shading = props.question.kind === "fraction-shaded";
  const seen = shading ? sheet.figures.slice(0, -1) : sheet.figures;
  return (
    <div className="fraction-field">
      <div
        data-inked="figures"
        className="fraction-figures"
        data-compared={several && !shading}
        data-bars={sheet.figures.every(({ shape }) => shape === "bar")}
      >
        {seen.map((figure, place) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: first and second stay where they are
          <Seen key={place} figure={figure} place={several ? place : undefined} />
        ))}
        {shading && <Shading {...props} sheet={sheet} place={several ? seen.length : undefined} />}
      </div>
      {props.question.kind === "fraction-named" && <Named {...props} sheet={sheet} />}
      {props.question.kind === "fractions-compared" && <Compared {...props} />}
    </div>
  );
}

function Seen({ figure, place }: { figure: Figure; place?: number }) {
  return (
    <figure className="fraction-figure">
      <FigureView figure={figure} />
      {place !== undefined && (
        <figcaption className="text-soft">
          {place === 0 ? figureWords.first : figureWords.second}
        </figcaption>
      )}
    </figure>
  );
}

/** Parts that are pressed or stroked over; and the cut, where that is chosen, too. */
function Shading(props: FieldProps & { place?: number }) {
  const { question, sheet, showing, given, place } = props;
  const { give, undo } = useSteps(`${question.id} ${question.attempt}`, given, props.give);
  const figure = sheet.figures.at(-1);
  if (!figure) return null;
  const said = showing.feedback?.response ?? given;
  const shaded = said?.kind === "shaded" ? said : { parts: figure.parts, places: [] };
  const own = shaded.parts !== figure.parts;
  const now: Figure = {
    ...figure,
    parts: shaded.parts,
    rows: own ? undefined : figure.rows,
    shaded: shaded.places,
  };
  if (isClosed(props)) return <Seen figure={now} place={place} />;
  return (
    <div className="fraction-figure">
      <FigureShading
        figure={now}
        shade={(places) => give({ kind: "shaded", parts: now.parts, places })}
      />
      <p className="text-soft" role="status">
        {figureWords.shaded(now.shaded.length, now.parts * (now.wholes ?? 1))}
      </p>
      {sheet.ownCut && (
        <CutChoice parts={now.parts} cut={(parts) => give({ kind: "shaded", parts, places: [] })} />
      )}
      <UndoStep undo={undo} />
    </div>
  );
}

/** Into how many parts it is cut: any number, by one control. */
function CutChoice({ parts, cut }: { parts: number; cut: (parts: number) => void }) {
  const most = limits.Figure.parts.most;
  return (
    <label className="flex flex-wrap items-center gap-[0.3em]">
      <span className="text-soft">{figureWords.cut}</span>
      <select
        className="h-11 rounded-[14px] border border-edge bg-card px-2"
        value={parts}
        onChange={(event) => cut(Number(event.target.value))}
      >
        {Array.from({ length: most }, (_, i) => i + 1).map((n) => (
          <option key={n} value={n}>
            {figureWords.cutInto(n)}
          </option>
        ))}
      </select>
    </label>
  );
}

const FRACTION = /^(?:(\d+)\s+)?(\d*)(?:\/(\d*))?$/;

/** A fraction that is written: one number over the other, wholes before it; or as people type it. */
function Named(props: FieldProps) {
  const { question, sheet, showing, given, give } = props;
  const said = showing.feedback?.response ?? given;
  const text = said?.kind === "typed" ? said.text : "";
  const parts = FRACTION.exec(text.trim());
  const [typed, setTyped] = useState(false);
  const closed = isClosed(props);
  const mixed = sheet.figures.some((figure) => (figure.wholes ?? 1) > 1);
  const whole = parts?.[1] ?? "";
  const over = parts?.[2] ?? "";
  const under = parts?.[3] ?? "";
  const write = (w: string, o: string, u: string) => {
    const fraction = u ? `${o}/${u}` : o;
    const next = [w, fraction].filter(Boolean).join(" ");
    give(next ? { kind: "typed", text: w && !fraction ? `${w} ` : next } : undefined);
  };
  const box = (label: string, value: string, change: (value: string) => void) => (
    <input
      aria-label={label}
      inputMode="numeric"
      autoComplete="off"
      maxLength={3}
      readOnly={closed}
      value={value}
      onChange={(event) => change(event.target.value.replace(/\D/g, ""))}
      className="fraction-box"
    />
  );
  if (typed || (closed && !parts)) {
    return (
      <div className="fraction-entry">
        <input
          aria-label={words.game.type}
          autoComplete="off"
          maxLength={40}
          readOnly={closed}
          value={text}
          onChange={(event) => give({ kind: "typed", text: event.target.value })}
          className="fraction-box fraction-text"
        />
        {!closed && (
          <button type="button" className="btn btn-ghost" onClick={() => setTyped(false)}>
            {figureWords.asFraction}
          </button>
        )}
      </div>
    );
  }
  return (
    <div className="fraction-entry" data-about={`question ${question.id}`}>
      {mixed && box(figureWords.whole1, whole, (w) => write(w, over, under))}
      <span className="fraction-stack">
        {box(figureWords.over1, over, (o) => write(whole, o, under))}
        {box(figureWords.under1, under, (u) => write(whole, over, u))}
      </span>
      {sheet.form && (
        <span className="text-soft">
          {sheet.form === "lowest-terms" ? figureWords.lowest : figureWords.asShaded}
        </span>
      )}
      {!sheet.form && !closed && (
        <button type="button" className="btn btn-ghost" onClick={() => setTyped(true)}>
          {figureWords.otherWay}
        </button>
      )}
    </div>
  );
}

/** Whether less, as much or more is shaded in the first figure. */
function Compared(props: AnswerProps) {
  const { question, showing, given, give } = props;
  const said = showing.feedback?.response ?? given;
  const picked = said?.kind === "picked" ? said.option : undefined;
  return (
    <fieldset className="fraction-relations">
      <legend className="text-soft">{figureWords.relationsLabel}</legend>
      {Object.entries(words.game.compared).map(([option, name]) => (
        <label key={option} className="fraction-relation" data-picked={picked === option}>
          <input
            type="radio"
            name={`compare ${question.id}`}
            className="radio border-edge"
            disabled={isClosed(props)}
            checked={picked === option}
            onChange={() => give({ kind: "picked", option })}
          />
          <span>{name}</span>
        </label>
      ))}
    </fieldset>
  );
}
