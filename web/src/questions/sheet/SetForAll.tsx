import { type FormEvent, useState } from "react";
import type { Shared } from "../../build/edits";
import type { SheetActions } from "../../build/sheetActions";
import { limits } from "../../generated/limits";
import type { Credit } from "../../generated/types";
import { Picking } from "../../media/Picking";
import { blockOf } from "../../media/upload";
import { smallAddress } from "../../rich/media";
import type { Medium } from "../../rich/words";
import { Dialog } from "../../ui/Dialog";
import { words } from "../../words/en";

const FIELD = "h-11 rounded-[14px] border border-edge bg-card px-3";

type How = "each" | "usual" | "own";

/** Sets worth, time, the rule for partly right answers and a picture of all selected questions. */
export function SetForAll(props: { count: number; sheet: SheetActions; onClose: () => void }) {
  const { count, sheet, onClose } = props;
  const [worth, setWorth] = useState<Shared["worth"]>();
  const [seconds, setSeconds] = useState<Shared["seconds"]>();
  const [credit, setCredit] = useState<Credit>();
  const [picture, setPicture] = useState<Medium>();
  const [picking, setPicking] = useState(false);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    sheet.setForAll({ worth, seconds, credit, picture });
    onClose();
  };
  return (
    <Dialog title={words.sheet.setForAll(count)} onClose={onClose}>
      <form onSubmit={submit} className="grid gap-4">
        <Setting label={words.sheet.setWorth} {...limits.PickOne.worth} first={20} set={setWorth} />
        <Setting
          label={words.sheet.setTime}
          {...limits.PickOne.seconds}
          first={30}
          set={setSeconds}
        />
        <label className="flex flex-wrap items-center gap-3">
          <span className="w-44">{words.sheet.setCredit}</span>
          <select
            className={FIELD}
            value={credit ?? ""}
            onChange={(event) => setCredit((event.target.value || undefined) as Credit | undefined)}
          >
            <option value="">{words.sheet.asEach}</option>
            {Object.entries(words.sheet.credits).map(([key, name]) => (
              <option key={key} value={key}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <div className="flex flex-wrap items-center gap-3">
          <span className="w-44">{words.sheet.setPicture}</span>
          {picture && (
            <img src={smallAddress(picture.medium)} alt="" className="h-16 rounded-[4px]" />
          )}
          <button type="button" className="btn btn-outline" onClick={() => setPicking(true)}>
            {picture ? words.sheet.otherPicture : words.media.choose.picture}
          </button>
          {picture && (
            <button type="button" className="btn btn-ghost" onClick={() => setPicture(undefined)}>
              {words.sheet.noPicture}
            </button>
          )}
        </div>
        <button
          type="submit"
          className="btn btn-primary justify-self-start"
          disabled={[worth, seconds, credit, picture].every((value) => value === undefined)}
        >
          {words.sheet.set}
        </button>
      </form>
      {picking && (
        <Picking
          kind="picture"
          choose={(card) => {
            setPicking(false);
            setPicture(blockOf(card));
          }}
          onClose={() => setPicking(false)}
        />
      )}
    </Dialog>
  );
}

/** As each has it, the usual, or a number. */
function Setting(props: {
  label: string;
  least: number;
  most: number;
  first: number;
  set: (value: number | "usual" | undefined) => void;
}) {
  const { label, least, most, first, set } = props;
  const [how, setHow] = useState<How>("each");
  const [number, setNumber] = useState(String(first));
  const tell = (next: How, typed: string) => {
    setHow(next);
    setNumber(typed);
    const value = Math.round(Number(typed));
    const fits = typed.trim() !== "" && value >= least && value <= most;
    set(next === "each" ? undefined : next === "usual" ? "usual" : fits ? value : undefined);
  };
  return (
    <div className="flex flex-wrap items-center gap-3">
      <span className="w-44">{label}</span>
      <select
        aria-label={label}
        className={FIELD}
        value={how}
        onChange={(event) => tell(event.target.value as How, number)}
      >
        <option value="each">{words.sheet.asEach}</option>
        <option value="usual">{words.sheet.usual}</option>
        <option value="own">{words.sheet.own}</option>
      </select>
      {how === "own" && (
        <input
          aria-label={`${label}, ${words.sheet.own}`}
          inputMode="numeric"
          value={number}
          maxLength={6}
          onChange={(event) => tell("own", event.target.value)}
          className={`${FIELD} w-28`}
        />
      )}
    </div>
  );
}
