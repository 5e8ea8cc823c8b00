import { Suspense } from "react";
import { type OwnRules, ownRulesOf, partsOf } from "../games";
import { limits } from "../generated/limits";
import type { Readiness, Rules } from "../generated/types";
import { words } from "../words/en";
import { CHIP, ChoiceChip, NumberChip } from "./chips";
import type { EditorStore } from "./editor";
import { MoreRules } from "./MoreRules";
import { TeamsSentence } from "./TeamsSentence";

/** The rules as sentences; what can be changed is a small control inside its sentence. */
export function RulesParagraph(props: { useEditor: EditorStore; readiness: Readiness }) {
  const { useEditor, readiness } = props;
  const rules = useEditor((editor) => editor.activity.rules);
  const game = useEditor((editor) => editor.activity.game);
  const own = ownRulesOf(game);
  const Sentence = partsOf(game.kind)?.Sentence;
  const { edit } = useEditor.getState();
  const change = (part: Partial<Rules>) =>
    edit((a) => ({ ...a, rules: { ...a.rules, ...part } }), `rules ${Object.keys(part)}`);
  return (
    <section aria-labelledby="rules">
      <h2 id="rules" className="text-sm font-semibold tracking-wide text-soft">
        {words.build.rules}
      </h2>
      <p className="mt-1 mb-3 border-l-4 border-accent bg-card px-3 py-2 leading-[1.75rem] wrap-anywhere pointer-coarse:leading-[2.75rem]">
        {Sentence && (
          <Suspense>
            <Sentence useEditor={useEditor} readiness={readiness} change={change} />{" "}
          </Suspense>
        )}
        {partsOf(game.kind)?.asks !== false && (
          <QuestionRules rules={rules} own={own} readiness={readiness} change={change} />
        )}
      </p>
    </section>
  );
}

/** The rules of every game that asks questions. */
function QuestionRules(props: {
  rules: Rules;
  own?: OwnRules;
  readiness: Readiness;
  change: (part: Partial<Rules>) => void;
}) {
  const { rules, own, readiness, change } = props;
  const mark = readiness.passMark;
  const passMark = (lead: string) => (
    <>
      {lead}{" "}
      <NumberChip
        label={words.rules.passMarkLabel}
        place="pass-mark"
        value={rules.passMark}
        {...limits.Rules.passMark}
        change={(percent) => change({ passMark: percent })}
      />
      {words.rules.percent}
      <span className="text-soft">
        {mark && (own?.wins(mark) ?? words.rules.thatIs(mark, rules))}
      </span>
    </>
  );
  const there = readiness.askable;
  return (
    <>
      {own?.asksAll ? (
        words.rules.optionsAre
      ) : (
        <Asked rules={rules} there={there} change={change} />
      )}{" "}
      <ChoiceChip
        label={words.rules.optionsLabel}
        place="option-order"
        names={words.rules.optionOrders}
        value={rules.optionOrder}
        change={(optionOrder) => change({ optionOrder })}
      />
      . {own?.worth ?? words.rules.eachWorth}{" "}
      <NumberChip
        label={words.rules.worthLabel}
        place="worth"
        value={rules.worth}
        {...limits.Rules.worth}
        change={(worth) => change({ worth })}
      />{" "}
      {words.rules.points}
      {own?.passMark !== false && !rules.teams && <> {passMark(words.rules.winWith)}</>}{" "}
      <TeamsSentence rules={rules} ownPoints={own?.ownPoints === true} change={change} />
      <MoreRules
        rules={rules}
        ownPoints={own?.ownPoints === true}
        alone={own?.passMark !== false && rules.teams && passMark(words.rules.aloneWins)}
        change={change}
      />
    </>
  );
}

/** How many of the questions are asked, and in which order. */
function Asked(props: { rules: Rules; there: number; change: (part: Partial<Rules>) => void }) {
  const { rules, there, change } = props;
  const counts = Array.from({ length: Math.max(0, there - 1) }, (_, i) => i + 1);
  if (rules.ask !== undefined && rules.ask >= there) counts.push(rules.ask);
  return (
    <>
      {words.rules.ask}{" "}
      <select
        className={CHIP}
        aria-label={words.rules.askLabel}
        data-place="ask"
        value={rules.ask ?? ""}
        onChange={(e) =>
          change({ ask: e.target.value === "" ? undefined : Number(e.target.value) })
        }
      >
        <option value="">{words.rules.all(there)}</option>
        {counts.map((n) => (
          <option key={n}>{n}</option>
        ))}
      </select>{" "}
      {rules.ask === undefined ? words.rules.questions(there) : words.rules.of(there)}{" "}
      <ChoiceChip
        label={words.rules.orderLabel}
        names={words.rules.orders}
        value={rules.questionOrder}
        change={(questionOrder) => change({ questionOrder })}
      />{" "}
      {words.rules.withOptions}
    </>
  );
}
