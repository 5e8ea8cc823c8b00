import { useQueryClient } from "@tanstack/react-query";
import { useRef } from "react";
import { listAnew } from "../api/listAnew";
import { resultKeys, useToMark } from "../api/results";
import type { ToMark } from "../generated/types";
import { Rich } from "../rich/Rich";
import { plainOf } from "../rich/words";
import { Failed, Loading } from "../ui/Notice";
import { words } from "../words/en";
import { MarkForm } from "./MarkForm";

/** The answers that wait for a mark, question by question, so that like is marked beside like. */
export function ToMarkList(props: { activity: string; say: (text: string) => void }) {
  const { activity, say } = props;
  const waiting = useToMark(activity);
  const queries = useQueryClient();
  const list = useRef<HTMLElement>(null);
  if (waiting.isPending) return <Loading inside />;
  if (waiting.isError) return <Failed error={waiting.error} again={waiting.refetch} inside />;
  if (waiting.data.length === 0) return null;

  const given = (marked: ToMark, points: number) => {
    const fields = [...(list.current?.querySelectorAll<HTMLElement>("[data-points]") ?? [])];
    const place = fields.findIndex((field) =>
      field.closest("form")?.contains(document.activeElement),
    );
    fields[place + 1]?.focus();
    queries.setQueryData<ToMark[]>(resultKeys.toMark(activity), (all) =>
      all?.filter((one) => one !== marked && keyOf(one) !== keyOf(marked)),
    );
    listAnew(queries, resultKeys.of(activity));
    const who = words.results.learner(marked);
    say(words.results.marking.given(who, points, marked.answer.question.worth));
  };

  return (
    <section ref={list} className="mb-8" aria-labelledby="to-mark">
      <h2 id="to-mark" className="mb-3 text-xl font-semibold">
        {words.results.toMarkTitle(waiting.data.length)}
      </h2>
      <div className="grid gap-6">
        {byQuestion(waiting.data).map((answers) => (
          <Question key={answers[0]?.answer.question.id} answers={answers} given={given} />
        ))}
      </div>
    </section>
  );
}

function Question(props: { answers: ToMark[]; given: (marked: ToMark, points: number) => void }) {
  const { answers, given } = props;
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
      <ul className="mt-2 grid gap-3">
        {answers.map((one) => {
          const who = words.results.learner(one);
          const { response } = one.answer.told;
          return (
            <li key={keyOf(one)} className="rounded-[4px] border-l-8 border-primary bg-card p-4">
              <p className="text-soft">{who}</p>
              <p className="mt-1 mb-3 text-lg whitespace-pre-line [overflow-wrap:anywhere]">
                {response?.kind === "typed" && response.text}
              </p>
              <MarkForm
                sitting={one.sitting}
                who={who}
                answer={one.answer}
                done={(_, points) => given(one, points)}
              />
            </li>
          );
        })}
      </ul>
    </div>
  );
}

const keyOf = (one: ToMark) => `${one.sitting} ${one.answer.question.id}`;

/** In groups of the same question, as it reads: it may have been edited between two games. */
function byQuestion(all: ToMark[]): ToMark[][] {
  const groups = new Map<string, ToMark[]>();
  for (const one of all) {
    const { id, text } = one.answer.question;
    const key = `${id} ${plainOf(text)}`;
    groups.set(key, [...(groups.get(key) ?? []), one]);
  }
  return [...groups.values()];
}
