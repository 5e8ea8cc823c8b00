import { type FormEvent, type KeyboardEvent, useEffect, useRef, useState } from "react";
import { limits } from "../generated/limits";
import type { Side } from "../generated/types";
import { words } from "../words/learner";
import { TeamSign } from "./teamSigns";
import "./entry.css";

const LONGEST = 200;

interface EntryProps {
  text: string;
  setText: (text: string) => void;
  /** What is asked for, heard and read. */
  label: string;
  placeholder: string;
  /** What the button says. */
  send: string;
  /** Whether something else is the thing to do here. */
  lesser?: boolean;
  tooLong: string;
  /** The id of what is said to the last entry. */
  saidIn: string;
  teams: Side[];
  /** Whether it has to be said which team it comes from, and how many each has left. */
  asksWho: boolean;
  teamsLeft: number[];
  enter: (text: string, team?: number) => void;
  takesFocus?: boolean;
}

/** Whether pressing something must not bring up a keyboard that covers half of the screen. */
const byTouch = () => window.matchMedia("(pointer: coarse)").matches;

/** A line in which something is entered again and again: it empties each time and keeps the cursor. */
export function EntryLine(props: EntryProps) {
  const { text, setText, teams, enter, takesFocus } = props;
  const field = useRef<HTMLInputElement>(null);
  const who = useRef<HTMLFieldSetElement>(null);
  const [tooLong, setTooLong] = useState(false);
  const asksWho = props.asksWho && teams.length > 0;
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when it appears
  useEffect(() => {
    if (!takesFocus) return;
    if (byTouch()) toStage();
    else field.current?.focus({ preventScroll: true });
  }, []);

  const toStage = () => field.current?.closest<HTMLElement>(".stage")?.focus();
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
    if (event.key === "Escape") toStage();
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
    <form className="entry-line" onSubmit={submit}>
      <label className="entry-field">
        <span className="sr-only">{props.label}</span>
        <input
          ref={field}
          type="text"
          data-entry
          value={text}
          placeholder={props.placeholder}
          autoComplete="off"
          autoCorrect="off"
          autoCapitalize="none"
          spellCheck={false}
          enterKeyHint="send"
          aria-describedby={props.saidIn}
          onKeyDown={leaves}
          onChange={(event) => {
            setText(event.target.value);
            setTooLong(false);
          }}
        />
      </label>
      {!asksWho && (
        <button type="submit" className={`btn ${props.lesser ? "btn-outline" : "btn-primary"}`}>
          {props.send}
        </button>
      )}
      {asksWho && (
        <fieldset ref={who} className="entry-who" onKeyDown={digit} disabled={!text.trim()}>
          <legend>{words.teams.saidBy}</legend>
          {teams.map((side, i) => (
            <button
              // biome-ignore lint/suspicious/noArrayIndexKey: a team is its place
              key={i}
              type="button"
              className="btn btn-outline"
              disabled={props.teamsLeft[i] === 0}
              onClick={() => send(i)}
            >
              <TeamSign sign={side.sign} />
              {words.teams.numbered(i + 1, side.name)}
            </button>
          ))}
        </fieldset>
      )}
      {tooLong && <p role="alert">{props.tooLong}</p>}
    </form>
  );
}
