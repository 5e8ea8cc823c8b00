import { lazy, Suspense, useEffect, useRef } from "react";
import type { Asked, Showing, Told, Verdict } from "../../generated/types";
import { Rich } from "../../rich/Rich";
import { comeIntoView } from "../../stage/comeIntoView";
import { Flap, type FlapProps } from "../../stage/Flap";
import { isOwnWords, isPicked } from "../../stage/stage";
import { takerOf } from "../../stage/teams";
import { words } from "../../words/learner";
import { toldRight } from "../answers/answerWords";
import { VERDICT_BARS, VERDICT_INKS, VERDICT_SIGNS } from "../verdicts";

const Facts = lazy(() => import("../../figures/Facts"));

const TITLES: Record<Verdict, string> = {
  right: words.game.right,
  partly: words.game.partly,
  wrong: words.game.wrong,
  missed: words.game.outOfTime,
  given: words.game.given,
};

/** What is said to an answer: a sign, a word and the teacher's text. */
export function FeedbackPanel(props: {
  showing: Showing;
  told: Told;
  question: Asked;
  comesIntoView?: boolean;
  /** Under what the answer lies, where it is folded over it. */
  flap?: FlapProps;
}) {
  const { showing, told, question, comesIntoView, flap } = props;
  const ref = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (comesIntoView && ref.current) comeIntoView(ref.current);
  }, [comesIntoView]);
  const { verdict } = told;
  const taker = told.settled ? undefined : takerOf(showing);
  const text = told.text ?? usual(showing, told, question);
  const said = (
    <div className="mt-[0.2em] font-sans" data-read>
      {text && <Rich words={text} />}
      {taker && told.text && <p>{words.teams.takesOver(taker.name)}</p>}
    </div>
  );
  return (
    <div
      ref={ref}
      role="status"
      data-about={`feedback ${question.id} ${verdict === "right" ? "right" : "wrong"}`}
      className={`rounded-[4px] border-l-8 bg-card p-[0.9em] ${VERDICT_BARS[verdict]}`}
    >
      <p className="text-[length:var(--option)] font-semibold">
        <span aria-hidden="true" className={VERDICT_INKS[verdict]}>
          {VERDICT_SIGNS[verdict]}{" "}
        </span>
        {showing.talk?.done && verdict === "given" ? words.talk.explained : TITLES[verdict]}
        {told.points > 0 && (
          <span className="ml-[0.8em] text-[length:var(--small)] font-medium text-soft">
            {words.game.plus(told.points)}
            {told.bonus > 0 && `, ${words.game.bonus(told.bonus)}`}
          </span>
        )}
      </p>
      <Reckoned told={told} />
      {flap ? (
        <Flap {...flap}>
          {said}
          <Solution told={told} question={question} />
        </Flap>
      ) : (
        <>
          {said}
          <Solution told={told} question={question} />
        </>
      )}
    </div>
  );
}

/** What was counted in the answer, and what became of the first one. */
function Reckoned({ told }: { told: Told }) {
  const { counted, moved } = told;
  if (!moved && (!counted || told.verdict === "right")) return null;
  return (
    <p className="mt-[0.2em] font-sans">
      {counted && told.verdict !== "right" && `${words.game.counted(counted)} `}
      {moved && words.game.moved(moved)}
    </p>
  );
}

/** What would have been right, where the options don't show it themselves. */
function Solution({ told, question }: { told: Told; question: Asked }) {
  const marked = isPicked(question) || question.kind === "point";
  const right = toldRight(question, told);
  if (told.fraction) {
    return (
      <Suspense fallback={null}>
        <Facts question={question} told={told} />
      </Suspense>
    );
  }
  if (told.verdict === "right" || marked || !right) return null;
  return (
    <p className="mt-[0.2em] font-sans">
      <span className="font-semibold text-success">
        ✓ {isOwnWords(question) ? words.game.possible : words.game.solution}{" "}
      </span>
      {right}
    </p>
  );
}

function usual(showing: Showing, told: Told, question: Asked): string {
  // Among options one stays; of all else the answer below says it.
  const talked = isPicked(question) ? words.talk.usual : "";
  if (showing.talk?.opened) return talked;
  if (!told.settled) {
    const taker = takerOf(showing);
    if (taker) return words.teams.takesOver(taker.name);
    return showing.terms.later ? words.game.usualLater : words.game.usualAgain;
  }
  switch (told.verdict) {
    case "right":
      return words.game.usual.right;
    case "partly":
      return words.game.usualPartly;
    case "missed":
      return words.game.usualMissed;
    case "given":
      if (showing.talk?.done) return talked;
      return words.game.usualGiven[question.kind] ?? "";
    case "wrong":
      return told.right && question.choices.length > 0 && question.kind.startsWith("pick")
        ? words.game.usual.wrong
        : words.game.usualNothing;
  }
}
