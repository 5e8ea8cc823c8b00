import { useState } from "react";
import type { SeenLock, Showing } from "../../generated/types";
import { QuestionView } from "../../questions/stage/QuestionView";
import { Rich } from "../../rich/Rich";
import { Confirm } from "../../stage/Confirm";
import { aheadOf, useAfter, useUntil } from "../../stage/clock";
import { Heading } from "../../stage/Heading";
import { words } from "../../words/learner";
import type { BoardProps } from "./boardProps";
import { PiecesField } from "./PiecesField";
import { BackButton, NearFoot } from "./ThingView";
import { useBack } from "./useBack";
import { WheelsField } from "./WheelsField";
import { escapeWords } from "./words";

type LockProps = BoardProps & {
  lock: SeenLock;
  name: string;
  back: () => void;
  enter: (room: string) => void;
};

/** A lock that one has gone up to: what it asks, and what came of opening it. */
export function LockView(props: LockProps) {
  const { lock, name, back, showing, act } = props;
  useBack(back);
  const closed = useClosed(showing, lock.until, props.timeUp);
  const opens = showing.question?.kind === "unfinished" || props.opens;
  const means = opens && !lock.open && (
    <span data-opens className="escape-back">
      <Confirm
        label={escapeWords.openIt}
        ask={escapeWords.openItAsk}
        goOn={escapeWords.openItNot}
        act={() => act({ kind: "open-lock", lock: lock.id })}
      />
    </span>
  );
  if (!lock.open && lock.way === "answer" && showing.question?.id === lock.id) {
    const unfinished = showing.question.kind === "unfinished";
    return (
      <div className="escape-near">
        <div className="escape-lock-name">
          <BackButton back={back} />
          <p>{name}</p>
          {means}
        </div>
        <QuestionView
          {...props}
          busy={props.busy || closed > 0 || unfinished}
          own={{
            standing: closed > 0 ? escapeWords.closedFor(closed) : "",
            next: escapeWords.back,
            hint: escapeWords.hint(props.scene.hintPrice, props.scene.hintSeconds),
            field:
              lock.wheels.length > 0 ? (
                <WheelsField {...props} question={showing.question} wheels={lock.wheels} />
              ) : undefined,
          }}
        />
      </div>
    );
  }
  return (
    <div className="escape-near">
      <div className="flex items-start gap-[0.4em]">
        <Heading takesFocus={props.takesFocus} turn={lock.id} about={`marker ${lock.id}`} lesser>
          {name}
        </Heading>
        {props.read}
      </div>
      {lock.text && !lock.open && (
        <div data-read className="escape-words">
          <Rich words={lock.text} />
        </div>
      )}
      {lock.open ? (
        <>
          <Came {...props} />
          {props.others}
        </>
      ) : lock.way === "pieces" ? (
        <PiecesField {...props} closed={closed} />
      ) : (
        <p data-read>{escapeWords.locksTogether}</p>
      )}
      <NearFoot {...props}>{means}</NearFoot>
    </div>
  );
}

/** What opening it brought: each said in words, with the way to it. */
function Came({ lock, name, enter, scene, showing }: LockProps) {
  const told = showing.question?.id === lock.id ? showing.feedback : undefined;
  const rooms = (id: string) => {
    const at = scene.rooms.findIndex((room) => room.id === id);
    const room = scene.rooms[at];
    return room && escapeWords.room(room, at + 1);
  };
  return (
    <section className="escape-came" data-given={lock.given} role="status">
      <p>
        <strong>
          {lock.given ? `– ${escapeWords.openedForYou(name)}` : `✓ ${escapeWords.openedNow(name)}`}
        </strong>
        {told !== undefined && told.points !== 0 && (
          <span className="ml-[0.6em] text-soft">{words.game.plus(told.points)}</span>
        )}
      </p>
      {told?.text !== undefined && !lock.given && <Rich words={told.text} />}
      <ul>
        {lock.came.map((came) => {
          const said = came.what === "opened-way" ? (rooms(came.id) ?? came.name) : came.name;
          return (
            <li key={`${came.what} ${came.id}`}>
              {escapeWords.came[came.what](said)}
              {came.what === "opened-way" && (
                <button
                  type="button"
                  className="btn btn-outline ml-[0.6em]"
                  onClick={() => enter(came.id)}
                >
                  {escapeWords.goTo(said)}
                </button>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** For how many seconds a lock is still closed; looks again once it is not. */
function useClosed(showing: Showing, until: number | undefined, timeUp?: () => void): number {
  const [ahead] = useState(() => aheadOf(showing));
  const end =
    until === undefined ? undefined : until + (showing.received ? aheadOf(showing) : ahead);
  const left = useUntil(end) ?? 0;
  useAfter(end, timeUp);
  return Math.ceil(left / 1_000);
}
