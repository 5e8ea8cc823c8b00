import { type FormEvent, type KeyboardEvent, useEffect, useRef, useState } from "react";
import { limits } from "../../generated/limits";
import type { HuntScene, Side } from "../../generated/types";
import { TeamSign } from "../../stage/teamSigns";
import { huntWords } from "./words";

const LONGEST = 200;

interface EntryProps {
  text: string;
  setText: (text: string) => void;
  scene: HuntScene;
  teams: Side[];
  enter: (text: string, team?: number) => void;
  takesFocus?: boolean;
}

/** Whether pressing something must not bring up a keyboard that covers half of the screen. */
const byTouch = () => window.matchMedia("(pointer: coarse)").matches;

/** The line in which names are entered: it empties after each and keeps the cursor. */
export function EntryLine(props: EntryProps) {
  const { text, setText, scene, teams, enter, takesFocus } = props;
  const field = useRef<HTMLInputElement>(null);
  const who = useRef<HTMLFieldSetElement>(null);
  const [tooLong, setTooLong] = useState(false);
  const asksWho = scene.asksWho && teams.length > 0;
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when the hunt begins
  useEffect(() => {
    if (takesFocus && !byTouch()) field.current?.focus({ preventScroll: true });
  }, []);

  const send = (team?: number) => {
    const name = text.trim();
    if (!name) return field.current?.focus();
    if (name.length > LONGEST) return setTooLong(true);
    enter(name, team);
    setText("");
    field.current?.focus();
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!asksWho) send();
    else if (text.trim()) who.current?.querySelector("button")?.focus();
  };
  const leaves = (event: KeyboardEvent) => {
    // The line owns all keys; Esc leaves it, so that the keys of the front mean something again.
    event.stopPropagation();
    if (event.key === "Escape") field.current?.blur();
  };
  const digit = (event: KeyboardEvent) => {
    const team = Number(event.key) - 1;
    if (event.key === "Escape") field.current?.focus();
    else if (!(team >= 0 && team < Math.min(teams.length, limits.Teams.list.most))) return;
    else send(team);
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <form className="hunt-entry" onSubmit={submit}>
      <label className="hunt-field">
        <span className="sr-only">{huntWords.entry}</span>
        <input
          ref={field}
          type="text"
          data-entry
          value={text}
          placeholder={huntWords.placeholder}
          autoComplete="off"
          autoCorrect="off"
          autoCapitalize="none"
          spellCheck={false}
          enterKeyHint="send"
          aria-describedby="hunt-said"
          onKeyDown={leaves}
          onChange={(event) => {
            setText(event.target.value);
            setTooLong(false);
          }}
        />
      </label>
      {!asksWho && (
        <button type="submit" className="btn btn-primary">
          {huntWords.enter}
        </button>
      )}
      {asksWho && (
        <fieldset ref={who} className="hunt-who" onKeyDown={digit} disabled={!text.trim()}>
          <legend>{huntWords.who}</legend>
          {teams.map((side, i) => (
            <button
              // biome-ignore lint/suspicious/noArrayIndexKey: a team is its place
              key={i}
              type="button"
              className="btn btn-outline"
              disabled={scene.teamsLeft[i] === 0}
              onClick={() => send(i)}
            >
              <TeamSign sign={side.sign} />
              {huntWords.team(i + 1, side.name)}
            </button>
          ))}
        </fieldset>
      )}
      {tooLong && <p role="alert">{huntWords.tooLong}</p>}
    </form>
  );
}
