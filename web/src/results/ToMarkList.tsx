import { type ReactNode, useRef, useState } from "react";
import { giveMark } from "../api/results";
import { ChoiceChip } from "../build/chips";
import type { ToMark } from "../generated/types";
import { Rich } from "../rich/Rich";
import { plainOf } from "../rich/words";
import { landFocus } from "../ui/landFocus";
import { words } from "../words/en";
import { MarkForm } from "./MarkForm";

/** What is left to mark once some have their mark; it may have been read anew meanwhile. */
export const leftToMark = (all: ToMark[] | undefined, marked: ToMark[]) =>
  all?.filter((one) => !marked.some((other) => keyOf([other]) === keyOf([one])));

/**
 * Answers that wait for the teacher's mark: question by question with equal ones together, or learner
 * by learner.
 */
export function ToMarkList(props: {
  waiting: ToMark[];
  /** Some have their mark: they are gone from what waits. */
  marked: (answers: ToMark[]) => void;
  say: (text: string) => void;
}) {
  const { waiting, marked, say } = props;
  const list = useRef<HTMLElement>(null);
  const [nameless, setNameless] = useState(false);
  const [by, setBy] = useState<"question" | "learner">("question");
  if (waiting.length === 0) return null;
  const given = (answers: ToMark[], points: number) => {
    const fields = [...(list.current?.querySelectorAll<HTMLElement>("[data-points]") ?? [])];
    const place = fields.findIndex((field) =>
      field.closest("form")?.contains(document.activeElement),
    );
    fields[place + 1]?.focus();
    marked(answers);
    // After the last one there is no next.
    setTimeout(landFocus);
    const worth = answers[0]?.answer.question.worth ?? 0;
    say(words.results.marking.given(whoOf(answers, nameless), points, worth));
  };
  const named = waiting.some(({ name }) => name);
  return (
    <section ref={list} className="mb-8" aria-labelledby="to-mark">
      <div className="mb-3 flex flex-wrap items-center gap-x-5">
        <h2 id="to-mark" className="mr-auto text-xl font-semibold">
          {words.results.toMarkTitle(waiting.length)}
        </h2>
        <ChoiceChip
          label={words.results.marking.order}
          names={words.results.marking.orders}
          value={by}
          change={setBy}
        />
        {named && (
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="checkbox"
              checked={nameless}
              onChange={(event) => setNameless(event.target.checked)}
            />
            {words.results.marking.nameless}
          </label>
        )}
      </div>
      <div className="grid gap-6">
        {by === "question"
          ? inGroups(waiting, questionOf).map((answers) => (
              // The same while its answers become fewer: what is written beside them stays.
              <Question key={answers[0] && questionOf(answers[0])} answers={answers}>
                {inGroups(answers, writtenOf).map((equal) => (
                  <Equal key={keyOf(equal)} answers={equal} nameless={nameless} given={given} />
                ))}
              </Question>
            ))
          : inGroups(waiting, ({ sitting }) => sitting).map((answers) => (
              <div key={answers[0]?.sitting}>
                <h3 className="font-display text-lg font-medium [overflow-wrap:anywhere]">
                  {whoOf(answers.slice(0, 1), nameless)}
                </h3>
                <ul className="mt-2 grid gap-3">
                  {answers.map((one) => (
                    <Equal
                      key={keyOf([one])}
                      answers={[one]}
                      nameless={nameless}
                      asked
                      given={given}
                    />
                  ))}
                </ul>
              </div>
            ))}
      </div>
    </section>
  );
}

function Question({ answers, children }: { answers: ToMark[]; children: ReactNode }) {
  const first = answers[0]?.answer;
  if (!first) return null;
  return (
    <div>
      <h3 className="font-display text-lg font-medium [overflow-wrap:anywhere]">
        <Rich words={first.question.text} />
      </h3>
      {first.model && (
        <p className="text-soft">
          {words.results.model} {first.model}
        </p>
      )}
      <ul className="mt-2 grid gap-3">{children}</ul>
    </div>
  );
}

/** One answer, or several that say the same: they are marked with one mark. */
function Equal(props: {
  answers: ToMark[];
  nameless: boolean;
  /** Whether the question stands above the answer, and not who wrote it. */
  asked?: boolean;
  given: (answers: ToMark[], points: number) => void;
}) {
  const { answers, nameless, asked = false, given } = props;
  const [first] = answers;
  if (!first) return null;
  const who = whoOf(answers, nameless);
  const { response } = first.answer.told;
  return (
    <li className="rounded-[4px] border-l-8 border-primary bg-card p-4">
      <div className="text-soft [overflow-wrap:anywhere]">
        {asked ? <Rich words={first.answer.question.text} /> : who}
      </div>
      <p className="mt-1 mb-3 text-lg whitespace-pre-line [overflow-wrap:anywhere]">
        {response?.kind === "typed" && response.text}
      </p>
      <MarkForm
        who={who}
        answer={first.answer}
        give={async (points, comment) => {
          for (const { sitting } of answers) {
            await giveMark(sitting, first.answer.question.id, points, comment);
          }
        }}
        done={(_, points) => given(answers, points)}
      />
    </li>
  );
}

function whoOf(answers: ToMark[], nameless: boolean): string {
  const hidden = nameless && answers.some(({ name }) => name);
  return hidden
    ? words.results.marking.somebody(answers.length)
    : words.results.marking.several(answers.map((one) => words.results.learner(one)));
}

const keyOf = (answers: ToMark[]) =>
  answers.map(({ sitting, answer }) => `${sitting} ${answer.question.id}`).join();

/** A question as it reads: it may have been edited between two games. */
const questionOf = ({ answer }: ToMark) => `${answer.question.id} ${plainOf(answer.question.text)}`;

/** What was written, so that case, spaces and full stops make no difference. */
const writtenOf = ({ answer }: ToMark) => {
  const { response } = answer.told;
  const text = response?.kind === "typed" ? response.text : "";
  return text
    .normalize("NFKC")
    .toLowerCase()
    .replace(/[\s.!]+/g, " ")
    .trim();
};

function inGroups(all: ToMark[], of: (one: ToMark) => string): ToMark[][] {
  const groups = new Map<string, ToMark[]>();
  for (const one of all) groups.set(of(one), [...(groups.get(of(one)) ?? []), one]);
  return [...groups.values()];
}
