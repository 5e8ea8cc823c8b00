import { type ReactNode, useState } from "react";
import { ChoiceChip, NumberChip } from "../../build/chips";
import { MoreButton } from "../../build/MoreButton";
import { StartAgainSentence } from "../../build/MoreRules";
import { TeamsSentence } from "../../build/TeamsSentence";
import { limits } from "../../generated/limits";
import type { EscapePrices } from "../../generated/types";
import type { SentenceProps } from "..";
import { changeEscape, escapeOf, locksOf } from "./escaping";
import { sheetWords } from "./sheetWords";

const USUAL_MINUTES = 20;
const USUAL_SECONDS = 30;
const USUAL_POINTS = 2;
const USUAL_WAIT = 120;
const USUAL_LIVES = 5;
const MINUTE = 60;
const says = sheetWords.rules;

type Cost = "nothing" | "time" | "closed" | "points";

/** The rules of an escape room as sentences: those that are as usual are folded away. */
export default function EscapeSentence({ useEditor, change }: SentenceProps) {
  const rules = useEditor((editor) => editor.activity.rules);
  const game = useEditor((editor) => escapeOf(editor.activity));
  const [open, setOpen] = useState(false);
  if (!game) return null;
  const shown = (changed: boolean, sentence: ReactNode) => (open || changed) && <>{sentence} </>;
  const { prices } = game;
  const points = rules.prices ?? { hint: 0, wrong: 0 };
  /** One step to undo, though times are the escape's and points the rules that all games share. */
  const set = (times: Partial<EscapePrices>, more: Partial<typeof points>) =>
    useEditor.getState().edit(
      (activity) => {
        const changed = changeEscape(({ prices: before }) => ({ prices: { ...before, ...times } }))(
          activity,
        );
        const costs = { ...points, ...more };
        const none = costs.hint === 0 && costs.wrong === 0;
        return {
          ...changed,
          rules: { ...changed.rules, prices: none ? undefined : costs },
        };
      },
      `prices ${Object.keys({ ...times, ...more })}`,
    );
  const wrong: Cost =
    prices.wrong > 0
      ? "time"
      : prices.closed > 0
        ? "closed"
        : points.wrong > 0
          ? "points"
          : "nothing";
  const setWrong = (cost: Cost, amount: number) =>
    set(
      { wrong: cost === "time" ? amount : 0, closed: cost === "closed" ? amount : 0 },
      { wrong: cost === "points" ? amount : 0 },
    );
  const wrongAmount = {
    nothing: 0,
    time: prices.wrong,
    closed: prices.closed,
    points: points.wrong,
  };
  const hint = prices.hint > 0 ? "time" : points.hint > 0 ? "points" : "free";
  const setHint = (cost: "free" | "time" | "points", amount: number) =>
    set({ hint: cost === "time" ? amount : 0 }, { hint: cost === "points" ? amount : 0 });
  const usual = (cost: string) => (cost === "points" ? USUAL_POINTS : USUAL_SECONDS);
  return (
    <>
      {says.open(locksOf(game).length, game.rooms.length)}{" "}
      <NumberChip
        label={says.worthLabel}
        place="worth"
        value={rules.worth}
        {...limits.Rules.worth}
        change={(worth) => change({ worth })}
      />{" "}
      {says.points} {says.clock}{" "}
      <ChoiceChip
        label={says.clockLabel}
        place="clock"
        names={says.clocks}
        value={rules.clock ? "game" : "none"}
        change={(clock) =>
          change({
            clock: clock === "game" ? { per: "game", seconds: USUAL_MINUTES * MINUTE } : undefined,
          })
        }
      />{" "}
      {rules.clock && (
        <>
          <NumberChip
            label={says.clockMinutes}
            value={Math.max(1, Math.round(rules.clock.seconds / MINUTE))}
            least={1}
            most={Math.floor(limits.Clock.seconds.most / MINUTE)}
            change={(minutes) => change({ clock: { per: "game", seconds: minutes * MINUTE } })}
          />{" "}
          {says.minutes}{" "}
        </>
      )}
      {shown(
        wrong !== "nothing",
        <>
          {says.wrong}{" "}
          {wrong !== "nothing" && (
            <NumberChip
              label={says.wrongAmount}
              value={wrongAmount[wrong]}
              least={1}
              most={wrong === "points" ? limits.Prices.wrong.most : limits.EscapePrices.wrong.most}
              change={(amount) => setWrong(wrong, amount)}
            />
          )}
          <ChoiceChip
            label={says.wrongLabel}
            names={says.wrongs}
            value={wrong}
            change={(cost) => setWrong(cost, usual(cost))}
          />
        </>,
      )}
      {shown(
        hint !== "free",
        <>
          {says.hint}{" "}
          {hint !== "free" && (
            <NumberChip
              label={says.hintAmount}
              value={hint === "time" ? prices.hint : points.hint}
              least={1}
              most={hint === "points" ? limits.Prices.hint.most : limits.EscapePrices.hint.most}
              change={(amount) => setHint(hint, amount)}
            />
          )}
          <ChoiceChip
            label={says.hintLabel}
            place="prices"
            names={says.hints}
            value={hint}
            change={(cost) => setHint(cost, usual(cost))}
          />
        </>,
      )}
      {shown(
        prices.helpAfter !== undefined,
        <>
          {says.after}{" "}
          <ChoiceChip
            label={says.afterLabel}
            names={says.afters}
            value={prices.helpAfter === undefined ? "asked" : "themselves"}
            change={(after) =>
              set({ helpAfter: after === "themselves" ? USUAL_WAIT : undefined }, {})
            }
          />
          {prices.helpAfter !== undefined && (
            <NumberChip
              label={says.afterSeconds}
              value={prices.helpAfter}
              least={1}
              most={limits.EscapePrices.helpAfter.most}
              change={(helpAfter) => set({ helpAfter }, {})}
            />
          )}{" "}
          {prices.helpAfter !== undefined && says.afterUnit}
        </>,
      )}
      {shown(
        rules.lives !== undefined,
        <>
          {says.lives}{" "}
          <ChoiceChip
            label={says.livesLabel}
            place="lives"
            names={says.livesNames}
            value={rules.lives === undefined ? "any" : "number"}
            change={(lives) => change({ lives: lives === "any" ? undefined : USUAL_LIVES })}
          />
          {rules.lives !== undefined && (
            <NumberChip
              label={says.livesNumber}
              value={rules.lives}
              least={0}
              most={limits.Rules.lives.most}
              change={(lives) => change({ lives })}
            />
          )}{" "}
          {rules.lives !== undefined && says.livesUnit}
        </>,
      )}
      {shown(
        rules.answers !== undefined,
        <>
          {says.tell}{" "}
          <ChoiceChip
            label={says.tellLabel}
            names={says.tells}
            value={rules.answers ?? "after-last-try"}
            change={(answers) =>
              change({ answers: answers === "after-last-try" ? undefined : answers })
            }
          />
        </>,
      )}
      {shown(rules.startAgain, <StartAgainSentence value={rules.startAgain} change={change} />)}
      <TeamsSentence
        rules={rules}
        ownPoints={false}
        asksNothing
        turns={says.turns}
        change={change}
      />{" "}
      <span className="text-soft">{rules.teams ? "" : says.wins}</span>{" "}
      <MoreButton open={open} turn={() => setOpen(!open)} />
    </>
  );
}
