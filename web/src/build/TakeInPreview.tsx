import { useState } from "react";
import type { LineRole, QuestionUnion, ReadLine, TextForm, Understood } from "../generated/types";
import { rightWords } from "../questions/rightWords";
import { Rich } from "../rich/Rich";
import { words } from "../words/en";

const FORMS: TextForm[] = ["quiz", "table", "list", "lines", "gaps"];
/** What the server says where nothing says which option is right. */
const NOTHING_SAID = "nothing says which of them is right";
const ROLES: LineRole[] = ["question", "more", "option", "right", "answer", "left"];

/** What was understood of a text, what is left over, and how each line was read. */
export function TakeInPreview(props: {
  read: Understood;
  readAs: (form: TextForm) => void;
  readLineAs: (line: number, role: LineRole) => void;
  /** Takes the first option for the right one where none is; nothing where that was said already. */
  firstRight?: () => void;
}) {
  const { read, readAs, readLineAs, firstRight } = props;
  const { questions, places, left, lines, form, doubts } = read;
  const [byLine, setByLine] = useState(false);
  const open = questions.filter((question) => !rightWords(question)).length;
  const doubtOf = (i: number) => doubts.find(({ line }) => line === places[i])?.reason;
  /** Those of which nothing says what is right; where two things say so, she decides one by one. */
  const silent = questions.filter(
    (question, i) => lacksRight(question) && [undefined, NOTHING_SAID].includes(doubtOf(i)),
  ).length;
  return (
    <>
      <label className="flex flex-wrap items-center gap-2">
        <span className="text-soft">{words.takeIn.readAs}</span>
        <select
          className="h-11 rounded-[14px] border border-edge bg-card px-2"
          value={form}
          onChange={(event) => readAs(event.target.value as TextForm)}
        >
          {FORMS.map((one) => (
            <option key={one} value={one}>
              {words.takeIn.forms[one]}
            </option>
          ))}
        </select>
      </label>
      <h3 className="mt-2 font-semibold">
        {words.takeIn.understood(questions.length - open)}
        {open > 0 && (
          <span className="block text-error">
            <span aria-hidden="true">△ </span>
            {words.takeIn.withoutRight(open)}
          </span>
        )}
      </h3>
      {firstRight && silent > 0 && (
        <button type="button" className="btn btn-outline mt-2" onClick={firstRight}>
          {words.takeIn.firstRight(silent)}
        </button>
      )}
      <ol className="mt-1">
        {questions.map((question, i) => (
          <li key={question.id} className="border-b border-line py-1.5 last:border-0">
            <span className="mr-2 text-sm text-soft">
              {words.takeIn.line(places[i] ?? 1)} {words.sheet.kinds[question.kind]}
            </span>
            <span className="whitespace-pre-line [overflow-wrap:anywhere]">
              <Rich words={question.text} />
            </span>
            <Answer question={question} doubt={doubtOf(i)} />
          </li>
        ))}
      </ol>
      {left.length > 0 && (
        <>
          <h3 className="mt-3 font-semibold">{words.takeIn.left(left.length)}</h3>
          <ul>
            {left.map((piece) => (
              <li key={`${piece.line} ${piece.text}`} className="border-l-4 border-error py-1 pl-3">
                <span className="text-sm text-soft">{words.takeIn.line(piece.line)}</span>{" "}
                <span className="whitespace-pre-line [overflow-wrap:anywhere]">{piece.text}</span>
                {piece.reason && <span className="block text-sm text-soft">{piece.reason}</span>}
              </li>
            ))}
          </ul>
        </>
      )}
      {lines.length > 0 && (
        <>
          <button
            type="button"
            aria-expanded={byLine}
            className="mt-3 min-h-11 cursor-pointer text-soft underline underline-offset-4"
            onClick={() => setByLine(!byLine)}
          >
            {words.takeIn.byLine}
          </button>
          {byLine && <Lines lines={lines} readLineAs={readLineAs} />}
        </>
      )}
    </>
  );
}

function Lines(props: { lines: ReadLine[]; readLineAs: (line: number, role: LineRole) => void }) {
  return (
    <ol>
      {props.lines.map(({ place, text, role }) => (
        <li key={place} className="flex items-center gap-2 py-0.5">
          <select
            aria-label={words.takeIn.lineIs(place)}
            className={`h-11 w-36 shrink-0 rounded-[14px] border bg-card px-2 text-sm ${role === "left" ? "border-error" : "border-edge"}`}
            value={role}
            onChange={(event) => props.readLineAs(place, event.target.value as LineRole)}
          >
            {(ROLES.includes(role) ? ROLES : [role, ...ROLES]).map((one) => (
              <option key={one} value={one}>
                {words.takeIn.roles[one]}
              </option>
            ))}
          </select>
          <span className="min-w-0 [overflow-wrap:anywhere]">{text}</span>
        </li>
      ))}
    </ol>
  );
}

/** A question with options of which none is right. */
const lacksRight = (question: QuestionUnion) =>
  question.kind === "pick-one" &&
  question.options.length > 0 &&
  !question.options.some(({ right }) => right);

function Answer({ question, doubt }: { question: QuestionUnion; doubt?: string }) {
  const right = rightWords(question);
  const options = question.kind === "pick-one" || question.kind === "pick-all";
  const wrong = options ? question.options.filter((o) => !o.right).map((o) => o.text) : [];
  return (
    <span className="block text-sm">
      {right ? (
        <span className="font-medium text-success">✓ {right}</span>
      ) : (
        <span className="font-medium text-error">
          △ {doubt ? words.takeIn.doubt(doubt) : words.takeIn.noRightYet}
        </span>
      )}
      {wrong.length > 0 && (
        <span className="text-soft">
          {" · "}
          {wrong.map((text) => (typeof text === "string" ? text : "…")).join(" · ")}
        </span>
      )}
    </span>
  );
}
