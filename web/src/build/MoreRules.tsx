import { type ReactNode, useState } from "react";
import { limits } from "../generated/limits";
import type { Answers, Rules, Tries } from "../generated/types";
import { words } from "../words/en";
import { CHIP, ChoiceChip, NumberChip } from "./chips";
import { LengthChips } from "./LengthChips";
import { MoreButton } from "./MoreButton";

const USUAL_SECONDS = { question: 30, game: 600 };
const USUAL_TRIES = 2;
const USUAL_RUN = 3;
const LIVES = [0, 1, 2, 3, 4, 5, 7, 10];

/** The rules that most games leave alone: those that were changed are always in sight. */
export function MoreRules(props: {
  rules: Rules;
  /** Whether the game counts points its own way: then prices and bonuses don't matter. */
  ownPoints: boolean;
  /** What wins for who plays alone, where teams play for the most points. */
  alone?: ReactNode;
  change: (part: Partial<Rules>) => void;
}) {
  const { rules, ownPoints, alone, change } = props;
  const [open, setOpen] = useState(false);
  const { tries, lives, clock, bonus, answers, startAgain } = rules;
  const prices = rules.prices ?? { hint: 0, wrong: 0 };
  const gives = bonus ?? { speed: 0, run: 0, runLength: USUAL_RUN };
  const setPrices = (part: Partial<typeof prices>) => {
    const next = { ...prices, ...part };
    change({ prices: next.hint === 0 && next.wrong === 0 ? undefined : next });
  };
  const setBonus = (part: Partial<typeof gives>) => {
    const next = { ...gives, ...part };
    const usual = next.speed === 0 && next.run === 0 && next.runLength === USUAL_RUN;
    change({ bonus: usual ? undefined : next });
  };
  const shown = (changed: boolean, sentence: ReactNode) => (open || changed) && <> {sentence}</>;
  return (
    <>
      {shown(tries !== undefined, <TriesSentence tries={tries} change={change} />)}
      {shown(
        lives !== undefined,
        <>
          {words.rules.lives}{" "}
          <select
            className={CHIP}
            aria-label={words.rules.livesLabel}
            data-place="lives"
            value={lives ?? ""}
            onChange={(e) =>
              change({ lives: e.target.value === "" ? undefined : Number(e.target.value) })
            }
          >
            <option value="">{words.rules.anyLives}</option>
            {[...new Set([...LIVES, ...(lives === undefined ? [] : [lives])])]
              .sort((a, b) => a - b)
              .map((n) => (
                <option key={n} value={n}>
                  {words.rules.livesOption(n)}
                </option>
              ))}
          </select>{" "}
          {words.rules.livesEnd}
        </>,
      )}
      {!ownPoints &&
        shown(
          rules.prices !== undefined,
          <>
            {words.rules.wrongCosts}{" "}
            <NumberChip
              label={words.rules.wrongLabel}
              place="prices"
              value={prices.wrong}
              {...limits.Prices.wrong}
              change={(wrong) => setPrices({ wrong })}
            />{" "}
            {words.rules.hintCosts}{" "}
            <NumberChip
              label={words.rules.hintLabel}
              value={prices.hint}
              {...limits.Prices.hint}
              change={(hint) => setPrices({ hint })}
            />{" "}
            {words.rules.points}
          </>,
        )}
      {shown(
        clock !== undefined || gives.speed > 0,
        <ClockSentence clock={clock} change={change} />,
      )}
      {!ownPoints &&
        shown(
          bonus !== undefined,
          <>
            {words.rules.speed}{" "}
            <NumberChip
              label={words.rules.speedLabel}
              value={gives.speed}
              {...limits.Bonus.speed}
              change={(speed) => setBonus({ speed })}
            />{" "}
            {words.rules.run}{" "}
            <NumberChip
              label={words.rules.runLengthLabel}
              value={gives.runLength}
              {...limits.Bonus.runLength}
              change={(runLength) => setBonus({ runLength })}
            />{" "}
            {words.rules.runOf}{" "}
            <NumberChip
              label={words.rules.runLabel}
              value={gives.run}
              {...limits.Bonus.run}
              change={(run) => setBonus({ run })}
            />{" "}
            {words.rules.points}
          </>,
        )}
      {shown(
        answers !== undefined,
        <>
          {words.rules.answers}{" "}
          <ChoiceChip<Answers>
            label={words.rules.answersLabel}
            names={words.rules.answersWhen}
            value={answers ?? "after-last-try"}
            change={(when) => change({ answers: when === "after-last-try" ? undefined : when })}
          />
        </>,
      )}
      {shown(startAgain, <StartAgainSentence value={startAgain} change={change} />)}
      {alone && shown(false, alone)} <MoreButton open={open} turn={() => setOpen(!open)} />
    </>
  );
}

/** Whether a learner can begin anew before the end. */
export function StartAgainSentence(props: {
  value: boolean;
  change: (part: Partial<Rules>) => void;
}) {
  return (
    <>
      {words.rules.startAgain}{" "}
      <ChoiceChip
        label={words.rules.startAgainLabel}
        names={words.rules.startAgains}
        value={props.value ? "any" : "end"}
        change={(when) => props.change({ startAgain: when === "any" })}
      />
    </>
  );
}

function TriesSentence(props: { tries?: Tries; change: (part: Partial<Rules>) => void }) {
  const { tries, change } = props;
  return (
    <>
      {words.rules.tries}{" "}
      <ChoiceChip
        label={words.rules.triesLabel}
        place="tries"
        names={words.rules.again}
        value={tries?.again ?? "once"}
        change={(again) =>
          change({
            tries:
              again === "once"
                ? undefined
                : {
                    again: again as Tries["again"],
                    most: again === "until-right" ? undefined : (tries?.most ?? USUAL_TRIES),
                  },
          })
        }
      />
      {tries && tries.again !== "until-right" && (
        <>
          {" "}
          {words.rules.upTo}{" "}
          <NumberChip
            label={words.rules.mostTriesLabel}
            value={tries.most ?? USUAL_TRIES}
            {...limits.Tries.most}
            change={(most) => change({ tries: { ...tries, most } })}
          />{" "}
          {words.rules.times}
        </>
      )}
      .
    </>
  );
}

function ClockSentence(props: { clock?: Rules["clock"]; change: (part: Partial<Rules>) => void }) {
  const { clock, change } = props;
  return (
    <>
      {words.rules.clock}{" "}
      <ChoiceChip
        label={words.rules.clockLabel}
        place="clock"
        names={words.rules.clocks}
        value={clock?.per ?? "none"}
        change={(per) =>
          change({
            clock:
              per === "question" || per === "game"
                ? { per, seconds: USUAL_SECONDS[per] }
                : undefined,
          })
        }
      />
      {clock ? (
        <>
          {" "}
          <LengthChips
            label={words.rules.secondsLabel}
            value={clock.seconds}
            {...limits.Clock.seconds}
            change={(seconds) => change({ clock: { ...clock, seconds } })}
          />
        </>
      ) : (
        "."
      )}
    </>
  );
}
