import { CalendarClock } from "lucide-react";
import { useState } from "react";
import { ChoiceChip } from "../build/chips";
import type { ClassGlance, GlanceCell, GlanceColumn, GlanceLine } from "../generated/types";
import { words } from "../words/en";
import { why } from "../words/results";
import { LearnerLink } from "./LearnerLink";
import { MARK_INKS, MARK_SIGNS } from "./marks";

const said = words.classes.glance;

/** Names stay where they are while the items are moved. */
export const NAME =
  "sticky left-0 z-10 max-w-56 min-w-36 bg-card px-4 py-1 [overflow-wrap:anywhere]";

type Sort = keyof typeof said.sortBy;

const points = ({ counts }: GlanceLine) => counts?.points ?? -1;

/** Learners down, items across; each cell a sign and a word, and it opens the answer. */
export function GlanceTable(props: {
  glance: ClassGlance;
  answers: (line: GlanceLine, item?: string) => void;
  own: (line: GlanceLine) => void;
}) {
  const { glance, answers, own } = props;
  const { columns, lines } = glance;
  const [sort, setSort] = useState<Sort>("name");
  const sorted = sort === "name" ? lines : lines.toSorted((a, b) => points(b) - points(a));
  return (
    <>
      <p className="mb-2">
        <span className="only-screen">
          <ChoiceChip label={said.sort} names={said.sortBy} value={sort} change={setSort} />
        </span>
        <Legend />
      </p>
      <div className="flex flex-wrap items-start gap-6">
        <section
          className="max-w-full overflow-x-auto"
          aria-label={glance.given.title}
          // biome-ignore lint/a11y/noNoninteractiveTabindex: what is wider than the page is moved by keys
          tabIndex={0}
        >
          <table className="border-separate border-spacing-0 bg-card">
            <thead>
              <tr>
                <th scope="col" className={`${NAME} text-start`}>
                  {said.learner}
                </th>
                <th scope="col" className="px-3 text-right">
                  {said.sum}
                </th>
                {columns.map((column) => (
                  <th
                    key={column.id}
                    scope="col"
                    className="min-w-12 px-1 py-2 text-center align-bottom font-display"
                    title={said.column(column)}
                  >
                    <span aria-hidden="true">{column.number ?? "–"}</span>
                    <span className="block text-sm font-normal text-soft" aria-hidden="true">
                      {said.rightOf(column.right, column.settled)}
                    </span>
                    <span className="sr-only">{said.column(column)}</span>
                  </th>
                ))}
                <th scope="col" className="only-screen">
                  <span className="sr-only">{said.own("")}</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {sorted.map((line) => (
                <Row
                  key={line.learner}
                  line={line}
                  glance={glance}
                  answers={answers}
                  own={() => own(line)}
                />
              ))}
            </tbody>
          </table>
        </section>
        <Items columns={columns} />
      </div>
    </>
  );
}

/** What was asked, by the numbers that stand above the columns. */
function Items({ columns }: { columns: GlanceColumn[] }) {
  return (
    <section aria-labelledby="items" className="min-w-0 flex-1 basis-80">
      <h2 id="items" className="mb-1 font-display font-semibold">
        {words.classes.given.items}
      </h2>
      <ol className="grid gap-1">
        {columns.map((column) => (
          <li key={column.id} className="[overflow-wrap:anywhere]">
            {said.column(column)}
          </li>
        ))}
      </ol>
    </section>
  );
}

function Row(props: {
  line: GlanceLine;
  glance: ClassGlance;
  answers: (line: GlanceLine, item?: string) => void;
  own: () => void;
}) {
  const { line, glance, answers, own } = props;
  const { counts, name } = line;
  const state = said.state(line);
  return (
    <tr className={line.excused ? "opacity-70" : ""}>
      <th scope="row" className={`${NAME} border-t border-line text-start font-normal`}>
        {line.left ? (
          <bdi className="font-display font-semibold">{name}</bdi>
        ) : (
          <LearnerLink classId={glance.classId} learner={line.learner} name={name} />
        )}
        {state && <span className="block text-sm text-soft">{state}</span>}
      </th>
      <td className="border-t border-line px-3 text-right whitespace-nowrap">
        {counts && (
          <button
            type="button"
            className="min-h-11 cursor-pointer underline decoration-edge decoration-dotted underline-offset-4"
            aria-label={`${said.points(counts.points, counts.possible)} – ${said.answers(name)}`}
            onClick={() => answers(line)}
          >
            {said.points(counts.points, counts.possible)}
          </button>
        )}
        {counts?.why && <span className="block text-sm text-soft">{why[counts.why]}</span>}
      </td>
      {glance.columns.map((column, i) => {
        const cell = counts?.cells[i];
        return (
          <td key={column.id} className="border-t border-line p-0 text-center">
            {cell && cell.mark !== "none" && (
              <Cell
                cell={cell}
                label={`${name}, ${said.columnName(column)}: ${said.marks[cell.mark]}`}
                open={() => answers(line, column.id)}
              />
            )}
          </td>
        );
      })}
      <td className="only-screen border-t border-line px-1">
        <button
          type="button"
          className="btn btn-ghost btn-square"
          aria-label={said.own(name)}
          title={said.own(name)}
          onClick={own}
        >
          <CalendarClock size={18} aria-hidden="true" />
        </button>
      </td>
    </tr>
  );
}

function Cell(props: { cell: GlanceCell; label: string; open: () => void }) {
  const { cell, label, open } = props;
  return (
    <button
      type="button"
      className="grid h-11 w-full min-w-11 cursor-pointer place-items-center hover:bg-base-200"
      aria-label={label}
      title={label}
      onClick={open}
    >
      <span
        aria-hidden="true"
        className={`rounded-[4px] px-1.5 font-display text-lg font-semibold ${MARK_INKS[cell.mark]}`}
      >
        {MARK_SIGNS[cell.mark]}
      </span>
    </button>
  );
}

/** What the signs mean. */
function Legend() {
  const shown = ["right", "partly", "wrong", "missed", "waits"] as const;
  return (
    <span className="ml-4 text-sm text-soft">
      {shown.map((mark) => (
        <span key={mark} className="mr-4 inline-block">
          <span aria-hidden="true" className={`font-semibold ${MARK_INKS[mark]} px-1`}>
            {MARK_SIGNS[mark]}
          </span>{" "}
          {said.marks[mark]}
        </span>
      ))}
    </span>
  );
}
