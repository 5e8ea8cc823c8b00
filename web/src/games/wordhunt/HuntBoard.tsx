import { type ReactNode, useEffect, useState } from "react";
import type { HuntScene } from "../../generated/types";
import { Rich } from "../../rich/Rich";
import { Confirm } from "../../stage/Confirm";
import { Countdown } from "../../stage/Countdown";
import { EntryLine } from "../../stage/EntryLine";
import { Points } from "../../stage/Points";
import type { StageProps } from "../../stage/stage";
import { HuntPicture } from "./HuntPicture";
import { Slip } from "./Slip";
import { huntWords, lastEntry } from "./words";

/** What is looked at, the list of what is to be found, and the line in which it is entered. */
export function HuntBoard(props: StageProps & { scene: HuntScene; read: ReactNode }) {
  const { showing, scene, act, busy, takesFocus, note, read } = props;
  const { score, teams } = showing;
  const [sent, setSent] = useState<string[]>([]);
  const [text, setText] = useState("");
  useEffect(() => {
    if (!busy) setSent([]);
  }, [busy]);
  const enter = (text: string, team?: number) => {
    setSent((before) => [...before, text]);
    act({ kind: "enter", text, team });
  };
  /** What is picked is entered, or waits in the line until the teacher says who said it. */
  const pick = (name: string) => {
    if (!scene.asksWho) return enter(name);
    setText(name);
    document.querySelector<HTMLElement>("[data-entry]")?.focus();
  };
  return (
    <div className="hunt" data-picture={scene.picture !== undefined}>
      <div className="hunt-shown">
        {scene.text && (
          <div className="flex items-start gap-[0.4em]">
            <div className="hunt-text" data-read data-about="details">
              <Rich words={scene.text} />
            </div>
            {read}
          </div>
        )}
        <HuntPicture scene={scene} />
      </div>
      <section className="hunt-side">
        <p className="hunt-count">
          <strong>{huntWords.found(score.right, score.asked)}</strong>
          <Countdown showing={showing} />
        </p>
        <Slip scene={scene} teams={teams} act={act} />
      </section>
      <div className="hunt-foot">
        {scene.names.length > 0 && <Names scene={scene} pick={pick} />}
        {(!scene.asksWho || teams.length > 0) && (
          <EntryLine
            text={text}
            setText={setText}
            label={huntWords.entry}
            placeholder={huntWords.placeholder}
            send={huntWords.enter}
            tooLong={huntWords.tooLong}
            saidIn="hunt-said"
            teams={teams}
            asksWho={scene.asksWho}
            teamsLeft={scene.teamsLeft}
            enter={enter}
            takesFocus={takesFocus}
          />
        )}
        <Said scene={scene} />
        {busy && sent.length > 0 && <p className="text-soft">{huntWords.waiting(sent)}</p>}
        {note && <p role="status">{note}</p>}
        <div className="hunt-means">
          <Left {...props} />
          {teams.length === 0 && <Points score={score} />}
          {scene.help && (
            <button
              type="button"
              className="stage-quiet"
              onClick={() => act({ kind: "show-names" })}
            >
              {huntWords.names}
            </button>
          )}
          <Confirm
            label={huntWords.giveUp}
            ask={huntWords.giveUpAsk}
            goOn={huntWords.goOn}
            act={() => act({ kind: "give-up" })}
          />
        </div>
      </div>
    </div>
  );
}

/** How many entries are left: of who enters, or of each team. */
function Left({ scene, showing }: StageProps & { scene: HuntScene }) {
  if (scene.of === undefined) return null;
  if (showing.teams.length > 0) {
    return (
      <p className="text-soft">
        {huntWords.teamsLeft(
          showing.teams.map((side, i) => `${side.name} ${scene.teamsLeft[i] ?? 0}`),
        )}
      </p>
    );
  }
  return (
    <p data-few={(scene.left ?? 0) <= 2} className="hunt-left">
      {huntWords.left(scene.left ?? 0)}
    </p>
  );
}

/** What the last entry came to: said by sign and word, and anew for each. */
function Said({ scene }: { scene: HuntScene }) {
  const last = scene.entries.at(-1);
  return (
    <p
      id="hunt-said"
      role="status"
      className="hunt-said"
      data-verdict={last?.verdict}
      data-counted={last?.counted}
    >
      <span key={scene.entries.length}>{lastEntry(scene)}</span>
    </p>
  );
}

/** Names to pick from, decoys among them. */
function Names({ scene, pick }: { scene: HuntScene; pick: (name: string) => void }) {
  const picked = new Set(scene.entries.map((entry) => entry.text));
  return (
    <fieldset className="hunt-names">
      <legend>
        {huntWords.namesTitle} <span className="text-soft">{huntWords.namesHow}</span>
      </legend>
      {scene.names.map((name) => (
        <button
          key={name}
          type="button"
          aria-disabled={picked.has(name)}
          className="btn btn-outline"
          onClick={() => pick(name)}
        >
          {name}
        </button>
      ))}
    </fieldset>
  );
}
