import type { Asked, FractionFacts, Told } from "../generated/types";
import { FigureView } from "./FigureView";
import { figureWords } from "./figureWords";
import { Laid } from "./Laid";
import { WrittenDecimal } from "./WrittenDecimal";
import { WrittenFraction } from "./WrittenFraction";

/** All others of a half; only of a whole and of nothing there are more, and what they are is plain. */
const MOST_OTHERS = 12;

/** What follows from a figure, once it is given away: the answer, and the same in other forms. */
export default function Facts({ question, told }: { question: Asked; told: Told }) {
  const { fraction, model } = told;
  const sheet = question.sheet?.kind === "fraction" ? question.sheet : undefined;
  if (!fraction || !sheet) return null;
  const [first, second] = sheet.figures;
  const last = sheet.figures.at(-1);
  return (
    <div className="fraction-facts">
      <p className="text-[length:var(--option)] font-medium" data-read>
        {fraction.sentence}
      </p>
      {fraction.beside ? (
        first && second && <Compared facts={fraction} first={first} second={second} />
      ) : (
        <Forms facts={fraction} />
      )}
      {model?.kind === "shaded" && told.verdict !== "right" && last && (
        <FigureView
          figure={{ ...last, parts: model.parts, rows: undefined, shaded: model.places }}
        />
      )}
    </div>
  );
}

function Compared(props: {
  facts: FractionFacts;
  first: Parameters<typeof Laid>[0]["first"];
  second: Parameters<typeof Laid>[0]["second"];
}) {
  const { facts, first, second } = props;
  const { shaded, beside, commonCut } = facts;
  if (!beside) return null;
  const cut = (part: typeof shaded) => ({
    over: (part.over * commonCut) / part.under,
    under: commonCut,
  });
  const sign = relation(cut(shaded).over, cut(beside).over);
  return (
    <>
      <Laid first={first} second={second} cut={commonCut} />
      <p>
        {figureWords.facts.common(commonCut)} <WrittenFraction fraction={cut(shaded)} /> {sign}{" "}
        <WrittenFraction fraction={cut(beside)} />
      </p>
    </>
  );
}

const relation = (one: number, other: number) => (one < other ? "<" : one > other ? ">" : "=");

/** The fraction as shaded, in lowest terms, by other cuts, as a mixed number, decimal, in per cent. */
function Forms({ facts }: { facts: FractionFacts }) {
  const { shaded, lowest, equivalents, wholes, rest } = facts;
  const reduced = lowest.under !== shaded.under;
  const others = equivalents.filter((e) => e.under !== lowest.under && e.under !== 1);
  return (
    <p className="fraction-forms">
      <span>
        <WrittenFraction fraction={shaded} />
        {reduced && (
          <>
            {" = "}
            <WrittenFraction fraction={lowest} />
          </>
        )}
      </span>
      {wholes > 0 && rest.over > 0 && (
        <span>
          {" = "}
          {wholes}
          <WrittenFraction fraction={rest} />
        </span>
      )}
      <span>
        {" = "}
        <WrittenDecimal decimal={facts.decimal} />
      </span>
      <span>
        {" = "}
        <WrittenDecimal decimal={facts.percent} />%
      </span>
      {others.length > 0 && (
        <span className="text-soft">
          {figureWords.facts.equals}{" "}
          {others.slice(0, MOST_OTHERS).map((e, i) => (
            <span key={e.under}>
              {i > 0 && ", "}
              <WrittenFraction fraction={e} />
            </span>
          ))}
          {others.length > MOST_OTHERS && " …"}
        </span>
      )}
    </p>
  );
}
