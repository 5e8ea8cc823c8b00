import { CHIP, ChoiceChip, NumberChip } from "../build/chips";
import type { LocalTerms } from "../generated/types";
import { words } from "../words/en";

const GOES_AT_FIRST = 1;
const MOST_GOES = 20;

/** From now, so many days on, at four in the afternoon: what a teacher most likely means. */
function inDays(days: number): string {
  const when = new Date();
  when.setDate(when.getDate() + days);
  const two = (n: number) => String(n).padStart(2, "0");
  return `${when.getFullYear()}-${two(when.getMonth() + 1)}-${two(when.getDate())}T16:00`;
}

/** The terms on which something is given, as sentences. */
export function TermsSentence(props: {
  terms: LocalTerms;
  zone?: string;
  change: (part: Partial<LocalTerms>) => void;
}) {
  const { terms, zone, change } = props;
  const { opens, closes, goes, counts, told, atClosing, marks } = terms;
  const said = words.classes.giving;
  return (
    <div className="border-l-4 border-accent bg-card p-4 leading-[2.6rem]">
      {said.from}{" "}
      <ChoiceChip
        label={said.opensAt}
        names={said.openings}
        value={opens === undefined ? "now" : "at"}
        change={(how) => change({ opens: how === "now" ? undefined : inDays(1) })}
      />{" "}
      {opens !== undefined && (
        <Moment label={said.opensAt} value={opens} change={(at) => change({ opens: at })} />
      )}{" "}
      {said.until}{" "}
      <ChoiceChip
        label={said.closesAt}
        names={said.closings}
        value={closes === undefined ? "never" : "at"}
        change={(how) =>
          change(
            how === "never"
              ? { closes: undefined, told: told === "after-closing" ? "at-once" : told }
              : { closes: inDays(7) },
          )
        }
      />{" "}
      {closes !== undefined && (
        <Moment label={said.closesAt} value={closes} change={(at) => change({ closes: at })} />
      )}
      . {said.have}{" "}
      <ChoiceChip
        label={said.goesLabel}
        names={said.goesKinds}
        value={goes === undefined ? "any" : "some"}
        change={(how) => change({ goes: how === "any" ? undefined : GOES_AT_FIRST })}
      />
      {goes !== undefined && (
        <>
          {" "}
          <NumberChip
            label={said.goesLabel}
            value={goes}
            least={1}
            most={MOST_GOES}
            change={(n) => change({ goes: n })}
          />{" "}
          {said.goes(goes)}
        </>
      )}
      .{" "}
      {goes !== 1 && (
        <>
          {said.counts}{" "}
          <ChoiceChip
            label={said.countsLabel}
            names={said.countsNames}
            value={counts}
            change={(which) => change({ counts: which })}
          />{" "}
        </>
      )}
      {said.told}{" "}
      <ChoiceChip
        label={said.told}
        names={closes === undefined ? withoutClosing(said.toldNames) : said.toldNames}
        value={told}
        change={(when) => change({ told: when })}
      />
      {closes !== undefined && (
        <>
          {" "}
          {said.atClosing}{" "}
          <ChoiceChip
            label={said.atClosing}
            names={said.atClosingNames}
            value={atClosing}
            change={(what) => change({ atClosing: what })}
          />
        </>
      )}{" "}
      {said.marks}{" "}
      <ChoiceChip
        label={said.marks}
        names={said.marksNames}
        value={marks}
        change={(when) => change({ marks: when })}
      />
      {zone && (opens !== undefined || closes !== undefined) && (
        <p className="text-sm leading-normal text-soft">{said.zone(zone)}</p>
      )}
    </div>
  );
}

function withoutClosing<N extends Record<string, string>>(names: N): N {
  const { "after-closing": _, ...others } = names;
  return others as unknown as N;
}

/** A day and an hour in a sentence. */
export function Moment(props: { label: string; value: string; change: (at: string) => void }) {
  return (
    <input
      type="datetime-local"
      aria-label={props.label}
      className={CHIP}
      required
      value={props.value.slice(0, 16)}
      onChange={(event) => event.target.value && props.change(event.target.value)}
    />
  );
}
