import { useState } from "react";
import type { Sounds, Wording } from "../generated/types";
import { Picking } from "../media/Picking";
import { blockOf } from "../media/upload";
import { FIELD } from "../ui/field";
import { words } from "../words/en";

/** What is heard of a game. */
export function SoundFields(props: { sounds?: Sounds; change: (sounds?: Sounds) => void }) {
  const { sounds, change } = props;
  const [picking, setPicking] = useState(false);
  const set = (next: Sounds) => change(next.off || next.music ? next : undefined);
  const off = sounds?.off ?? false;
  return (
    <fieldset className="grid gap-2">
      <legend className="mb-1 text-sm text-soft">{words.dress.sounds}</legend>
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="checkbox"
          checked={!off}
          onChange={(event) => set({ ...sounds, off: !event.target.checked })}
        />
        {words.dress.soundsOn}
      </label>
      <div className="flex flex-wrap items-center gap-2">
        <button type="button" className="btn btn-outline" onClick={() => setPicking(true)}>
          {sounds?.music ? words.dress.otherMusic : words.dress.music}
        </button>
        {sounds?.music && (
          <button
            type="button"
            className="btn btn-ghost"
            onClick={() => set({ off, music: undefined })}
          >
            {words.dress.noMusic}
          </button>
        )}
      </div>
      {sounds?.music && <p className="text-sm text-soft">{words.dress.musicNote}</p>}
      {picking && (
        <Picking
          kind="sound"
          choose={(card) => {
            setPicking(false);
            const block = blockOf(card);
            if (block.kind === "sound") set({ off, music: block });
          }}
          onClose={() => setPicking(false)}
        />
      )}
    </fieldset>
  );
}

/** The teacher's own words on buttons and at the endings. */
export function WordingFields(props: {
  wording: Wording;
  change: (wording: Wording | undefined, key: string) => void;
}) {
  const { wording, change } = props;
  const usual = words.dress.usualWording;
  const keys = Object.keys(usual) as (keyof typeof usual)[];
  return (
    <fieldset>
      <legend className="mb-1 text-sm text-soft">{words.dress.wording}</legend>
      <div className="grid grid-cols-2 gap-2">
        {keys.map((key) => (
          <label key={key}>
            <span className="block text-sm text-soft">{words.dress.wordingOf[key]}</span>
            <input
              className={FIELD}
              maxLength={60}
              placeholder={usual[key]}
              value={wording[key] ?? ""}
              onChange={(event) => {
                const next = { ...wording, [key]: event.target.value || undefined };
                const any = keys.some((one) => next[one]);
                change(any ? next : undefined, key);
              }}
            />
          </label>
        ))}
      </div>
    </fieldset>
  );
}
