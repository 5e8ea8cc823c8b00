import { ChoiceChip, NumberChip } from "../../build/chips";
import { fractionRead } from "../../engine/LocalGame";
import { FigureShading } from "../../figures/FigureView";
import { WrittenDecimal } from "../../figures/WrittenDecimal";
import { WrittenFraction } from "../../figures/WrittenFraction";
import { limits } from "../../generated/limits";
import type { Figure, FractionTask } from "../../generated/types";
import { words } from "../../words/en";
import type { FieldsProps } from "./KindFields";

/** A fraction: what there is to do, and its figures, set by sentences and shaded by pressing parts. */
export function FractionFields({ question, change }: FieldsProps<FractionTask>) {
  const { task, figure, other, form, ownCut } = question;
  const { fraction } = words.sheet;
  // As the core has it while nothing is said: the same figure to compare, a blank one to shade.
  const beside = other ?? (task === "compare" ? figure : { ...figure, shaded: [] });
  const shades = task === "shade" || task === "equal";
  return (
    <div className="grid gap-2 py-1 pl-6">
      <p className="leading-loose">
        {fraction.do}{" "}
        <ChoiceChip
          label={fraction.doLabel}
          names={fraction.tasks}
          value={task}
          change={(value) => change({ task: value })}
        />
        {task === "name" && (
          <>
            {", "}
            <ChoiceChip
              label={fraction.formLabel}
              names={fraction.forms}
              value={form ?? "any"}
              change={(value) => change({ form: value === "any" ? undefined : value })}
            />
          </>
        )}
        {shades && (
          <>
            {"; "}
            <ChoiceChip
              label={fraction.cutLabel}
              names={fraction.cuts}
              value={ownCut ? "own" : "given"}
              change={(value) => change({ ownCut: value === "own" })}
            />
          </>
        )}
        .
      </p>
      <FigureFields
        name={fraction.figures[task]}
        figure={figure}
        change={(next, key) => change({ figure: next }, key && `figure ${key}`)}
      />
      {(task === "equal" || task === "compare") && (
        <FigureFields
          name={fraction.second}
          figure={beside}
          blank={task === "equal"}
          change={(next, key) => change({ other: next }, key && `other ${key}`)}
        />
      )}
      <Reading question={question} />
    </div>
  );
}

/** A figure: what it is, its cut, how many wholes, and what of it is shaded. */
function FigureFields(props: {
  name: string;
  figure: Figure;
  /** Whether nothing is shaded in it, because that is the task. */
  blank?: boolean;
  change: (figure: Figure, key?: string) => void;
}) {
  const { name, figure, blank, change } = props;
  const { fraction } = words.sheet;
  const wholes = figure.wholes ?? 1;
  /** The first parts stay shaded, as far as there are still so many. */
  const recut = (part: Partial<Figure>) => {
    const next = { ...figure, ...part };
    const all = next.parts * (next.wholes ?? 1);
    change({ ...next, shaded: figure.shaded.filter((place) => place < all) }, "cut");
  };
  return (
    <fieldset className="rounded-[4px] border border-line p-2">
      <legend className="px-1 text-sm text-soft">{name}</legend>
      <p className="leading-loose">
        <NumberChip
          label={fraction.wholes}
          value={wholes}
          least={1}
          most={limits.Figure.wholes.most}
          change={(value) => recut({ wholes: value === 1 ? undefined : value })}
        />{" "}
        <ChoiceChip
          label={fraction.shapeLabel}
          names={wholes === 1 ? fraction.shapes : fraction.shapesMany}
          value={figure.shape}
          change={(shape) => change({ ...figure, shape })}
        />{" "}
        {fraction.in}{" "}
        <NumberChip
          label={fraction.parts}
          value={figure.parts}
          least={1}
          most={limits.Figure.parts.most}
          change={(parts) => recut({ parts, rows: undefined })}
        />{" "}
        {fraction.equalParts}
        {(figure.shape === "rectangle" || figure.shape === "set") && (
          <>
            {", "}
            {fraction.inRows}{" "}
            <ChoiceChip
              label={fraction.rowsLabel}
              names={Object.fromEntries([
                ["0", fraction.asFits],
                ...divisors(figure.parts).map((n) => [String(n), String(n)]),
              ])}
              value={String(figure.rows ?? 0)}
              change={(value) => change({ ...figure, rows: Number(value) || undefined })}
            />
          </>
        )}
        {!blank && `, ${fraction.shaded(figure.shaded.length)}`}.
      </p>
      {!blank && (
        <div className="mt-2 flex flex-wrap items-end gap-3">
          <div className="figure-small max-w-full">
            <FigureShading
              figure={figure}
              shade={(shaded) => change({ ...figure, shaded }, "shade")}
            />
          </div>
          <button
            type="button"
            className="btn btn-ghost btn-sm text-soft"
            disabled={figure.shaded.length === 0}
            onClick={() => change({ ...figure, shaded: [] })}
          >
            {fraction.wipe}
          </button>
        </div>
      )}
    </fieldset>
  );
}

const divisors = (n: number) =>
  Array.from({ length: n }, (_, i) => i + 1).filter((d) => n % d === 0);

/** What follows from the figure: the answer, and what else it can be written as. */
function Reading({ question }: { question: FractionTask }) {
  const { facts } = fractionRead(question);
  return (
    <p className="text-soft" role="status">
      {words.sheet.fraction.reads} {facts.sentence}{" "}
      {!facts.beside && (
        <>
          <WrittenFraction fraction={facts.shaded} />
          {facts.lowest.under !== facts.shaded.under && (
            <>
              {" = "}
              <WrittenFraction fraction={facts.lowest} />
            </>
          )}
          {" = "}
          <WrittenDecimal decimal={facts.decimal} />
          {" = "}
          <WrittenDecimal decimal={facts.percent} />%
        </>
      )}
    </p>
  );
}
