import { type ReactNode, useState } from "react";
import { ChoiceChip, NumberChip } from "../../build/chips";
import { LengthChips } from "../../build/LengthChips";
import { MoreButton } from "../../build/MoreButton";
import { TeamsSentence } from "../../build/TeamsSentence";
import { limits } from "../../generated/limits";
import type { WordHunt } from "../../generated/types";
import type { SentenceProps } from "..";
import { changeHunt, huntOf } from "./hunting";
import { sheetWords } from "./sheetWords";

const USUAL_ENTRIES = 10;
const USUAL_SECONDS = 180;
const USUAL_PRICE = 1;
const says = sheetWords.rules;

/** The rules of a word hunt as sentences: those that are as usual are folded away. */
export default function HuntSentence({ useEditor, change }: SentenceProps) {
  const rules = useEditor((editor) => editor.activity.rules);
  const hunt = useEditor((editor) => huntOf(editor.activity));
  const [open, setOpen] = useState(false);
  if (!hunt) return null;
  const shown = (changed: boolean, sentence: ReactNode) => (open || changed) && <>{sentence} </>;
  const set = (part: Partial<WordHunt>) =>
    useEditor.getState().edit(
      changeHunt(() => part),
      `hunt ${Object.keys(part)}`,
    );
  const price = rules.prices?.hint ?? 0;
  const { entries, comparing } = hunt;
  return (
    <>
      {says.find(hunt.things.length)}{" "}
      <ChoiceChip
        label={says.entriesLabel}
        place="board"
        names={{ number: says.upTo, any: says.any }}
        value={entries === undefined ? "any" : "number"}
        change={(kind) => set({ entries: kind === "any" ? undefined : USUAL_ENTRIES })}
      />
      {entries !== undefined && (
        <>
          {" "}
          <NumberChip
            label={says.entriesNumber}
            value={entries}
            least={1}
            most={limits.WordHunt.entries.most}
            change={(next) => set({ entries: next })}
          />
        </>
      )}{" "}
      {says.entries(entries)} {says.each}{" "}
      <NumberChip
        label={says.worthLabel}
        value={rules.worth}
        {...limits.Rules.worth}
        change={(worth) => change({ worth })}
      />{" "}
      {says.points(rules.worth)} {says.listShows}{" "}
      <ChoiceChip
        label={says.listLabel}
        names={says.lists}
        value={hunt.list}
        change={(list) => set({ list })}
      />{" "}
      {shown(
        comparing.slips || hunt.nearly !== "free",
        <>
          {says.slip}{" "}
          <ChoiceChip
            label={says.slipLabel}
            names={says.slips}
            value={comparing.slips ? "right" : (hunt.nearly ?? "none")}
            change={(slip) =>
              set({
                comparing: { ...comparing, slips: slip === "right" },
                nearly: slip === "free" || slip === "costs" ? slip : undefined,
              })
            }
          />
        </>,
      )}
      {shown(
        !hunt.letters || price !== 0,
        <>
          {says.letter}{" "}
          <ChoiceChip
            label={says.letterLabel}
            names={says.letters}
            value={hunt.letters ? (price > 0 ? "price" : "free") : "none"}
            change={(letter) => {
              const prices = letter === "price" ? { hint: USUAL_PRICE, wrong: 0 } : undefined;
              // One step to undo, though it is a rule of the hunt and one that all games share.
              useEditor.getState().edit((activity) => {
                const changed = changeHunt(() => ({ letters: letter !== "none" }))(activity);
                return { ...changed, rules: { ...changed.rules, prices } };
              });
            }}
          />
          {hunt.letters && price > 0 && (
            <>
              {" "}
              <NumberChip
                label={says.priceLabel}
                value={price}
                least={1}
                most={limits.Prices.hint.most}
                change={(hint) => change({ prices: { hint, wrong: 0 } })}
              />{" "}
              {says.lessPoints(price)}
            </>
          )}
        </>,
      )}
      {shown(
        hunt.oneByOne,
        <>
          {says.same}{" "}
          <ChoiceChip
            label={says.sameLabel}
            names={says.sames}
            value={hunt.oneByOne ? "single" : "together"}
            change={(same) => set({ oneByOne: same === "single" })}
          />
        </>,
      )}
      {shown(
        hunt.pick,
        <>
          {says.spell}{" "}
          <ChoiceChip
            label={says.spellLabel}
            names={says.spells}
            value={hunt.pick ? "picks" : "types"}
            change={(spell) => set({ pick: spell === "picks" })}
          />
        </>,
      )}
      {shown(
        rules.clock !== undefined,
        <>
          {says.clock}{" "}
          <ChoiceChip
            label={says.clockLabel}
            place="clock"
            names={says.clocks}
            value={rules.clock ? "game" : "none"}
            change={(clock) =>
              change({
                clock: clock === "game" ? { per: "game", seconds: USUAL_SECONDS } : undefined,
              })
            }
          />
          {rules.clock && (
            <>
              {" "}
              <LengthChips
                label={says.clockSeconds}
                value={rules.clock.seconds}
                {...limits.Clock.seconds}
                change={(seconds) => change({ clock: { per: "game", seconds } })}
              />
            </>
          )}
        </>,
      )}
      {shown(
        rules.answers === "never",
        <>
          {says.giveAway}{" "}
          <ChoiceChip
            label={says.giveAwayLabel}
            names={says.gives}
            value={rules.answers === "never" ? "never" : "end"}
            change={(gives) => change({ answers: gives === "never" ? "never" : undefined })}
          />
        </>,
      )}
      {shown(
        hunt.again,
        <>
          {says.again}{" "}
          <ChoiceChip
            label={says.againLabel}
            names={says.agains}
            value={hunt.again ? "any" : "end"}
            change={(again) => set({ again: again === "any" })}
          />
        </>,
      )}
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
