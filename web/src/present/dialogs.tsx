import { type FormEvent, useState } from "react";
import { limits } from "../generated/limits";
import type { Asked, Showing, Side, Team, Vote } from "../generated/types";
import { choiceWords } from "../questions/answers/answerWords";
import { MARKER_SIGNS } from "../stage/markerSigns";
import { letter } from "../stage/stage";
import { SIGNS, TeamSign } from "../stage/teamSigns";
import { Dialog } from "../ui/Dialog";
import { words } from "../words/en";

const STEPS = [10, 5, 1, -1, -5];
const MOST_POINTS = 10_000;
const MOST_HANDS = 999;

/** Points for a team by hand. */
export function PointsDialog(props: {
  side: Side;
  give: (points: number) => void;
  onClose: () => void;
}) {
  const { side, give, onClose } = props;
  const [own, setOwn] = useState("");
  const number = Math.round(Number(own));
  const fits = own.trim() !== "" && number !== 0 && Math.abs(number) <= MOST_POINTS;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (fits) give(number);
  };
  return (
    <Dialog title={words.teams.give(side.name)} onClose={onClose}>
      <p className="mb-3 text-soft">{words.teams.giveText}</p>
      <div className="mb-4 flex flex-wrap gap-2">
        {STEPS.map((points) => (
          <button
            key={points}
            type="button"
            className="btn btn-outline min-w-20 text-lg"
            onClick={() => give(points)}
          >
            {words.teams.giveButton(points)}
          </button>
        ))}
      </div>
      <form onSubmit={submit} className="flex items-end gap-2">
        <label>
          {words.teams.own}
          <input
            data-first
            inputMode="numeric"
            value={own}
            onChange={(event) => setOwn(event.target.value)}
            className="block h-11 w-32 rounded-[14px] border border-edge bg-card px-3"
          />
        </label>
        <button type="submit" className="btn btn-primary" disabled={!fits}>
          {words.teams.ownGive}
        </button>
      </form>
    </Dialog>
  );
}

/** One more team, which plays from here on. */
export function JoinDialog(props: {
  teams: Side[];
  join: (team: Team) => void;
  onClose: () => void;
}) {
  const { teams, join, onClose } = props;
  const [name, setName] = useState("");
  const sign = SIGNS.find((one) => !teams.some((side) => side.sign === one)) ?? "leaf";
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (name.trim()) join({ name: name.trim(), sign });
  };
  return (
    <Dialog title={words.teams.joins} onClose={onClose}>
      <p className="mb-3 text-soft">{words.teams.joinsText}</p>
      <form onSubmit={submit} className="flex items-end gap-2">
        <label className="min-w-0 flex-1">
          {words.teams.joinsName}
          <input
            data-first
            value={name}
            maxLength={limits.Team.name.most}
            onChange={(event) => setName(event.target.value)}
            className="block h-11 w-full rounded-[14px] border border-edge bg-card px-3"
          />
        </label>
        <button type="submit" className="btn btn-primary" disabled={!name.trim()}>
          <TeamSign sign={sign} />
          {words.teams.joinsNow}
        </button>
      </form>
    </Dialog>
  );
}

/** How many hands go up for each option. */
export function HandsDialog(props: {
  question: Asked;
  votes: Vote[];
  count: (votes: Vote[]) => void;
  onClose: () => void;
}) {
  const { question, votes, count, onClose } = props;
  const [hands, setHands] = useState<Record<string, string>>(() =>
    Object.fromEntries(votes.map((vote) => [vote.option, String(vote.hands)])),
  );
  const submit = (event: FormEvent) => {
    event.preventDefault();
    count(
      question.choices.flatMap(({ id }) => {
        const number = Math.round(Number(hands[id]));
        const counted = (hands[id] ?? "").trim() !== "" && number >= 0;
        return counted ? [{ option: id, hands: Math.min(MOST_HANDS, number) }] : [];
      }),
    );
  };
  return (
    <Dialog title={words.talk.votesTitle} onClose={onClose}>
      <form
        onSubmit={submit}
        className={`grid gap-2 ${question.choices.length > 4 ? "sm:grid-cols-2" : ""}`}
      >
        {question.choices.map(({ id }, i) => (
          <label key={id} className="flex items-center gap-3">
            <span className="min-w-0 flex-1 truncate" title={choiceWords(question, id)}>
              <strong>{letter(i)}</strong> {choiceWords(question, id)}
            </span>
            <input
              type="number"
              data-first={i === 0 || undefined}
              inputMode="numeric"
              min={0}
              max={MOST_HANDS}
              aria-label={words.talk.hands(letter(i))}
              value={hands[id] ?? ""}
              onChange={(event) => setHands({ ...hands, [id]: event.target.value })}
              className="h-11 w-24 rounded-[14px] border border-edge bg-card px-3"
            />
          </label>
        ))}
        <button type="submit" className="btn btn-primary col-span-full mt-2 justify-self-start">
          {words.talk.countThem}
        </button>
      </form>
    </Dialog>
  );
}

/** The questions of this game, to jump to one that is still open. */
export function JumpDialog(props: {
  showing: Showing;
  texts: Map<string, string>;
  go: (question: string) => void;
  onClose: () => void;
}) {
  const { showing, texts, go, onClose } = props;
  const settled = ["right", "wrong", "partly", "missed", "given"];
  return (
    <Dialog title={words.front.jump} onClose={onClose}>
      <ol className="grid gap-1">
        {showing.markers.map(({ question, state }, i) => (
          <li key={question}>
            <button
              type="button"
              disabled={settled.includes(state) || !texts.has(question)}
              onClick={() => go(question)}
              className="flex min-h-11 w-full cursor-pointer items-center gap-3 rounded-[4px] px-2 text-start hover:bg-base-200 disabled:cursor-default disabled:text-soft"
            >
              <span aria-hidden="true" className="w-6 text-center">
                {MARKER_SIGNS[state]}
              </span>
              <span className="w-7 text-right tabular-nums">{i + 1}</span>
              <span className="min-w-0 flex-1 truncate">{texts.get(question) ?? ""}</span>
              <span className="sr-only">{words.game.markers[state]}</span>
            </button>
          </li>
        ))}
      </ol>
    </Dialog>
  );
}
