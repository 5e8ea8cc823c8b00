import { DoorOpen, List, Map as MapIcon } from "lucide-react";
import { type ReactNode, useState } from "react";
import type { EscapeScene, SeenRoom } from "../../generated/types";
import { Rich } from "../../rich/Rich";
import { moveOnBoard } from "../../stage/boardKeys";
import { Confirm } from "../../stage/Confirm";
import { Countdown } from "../../stage/Countdown";
import { Heading } from "../../stage/Heading";
import { Points } from "../../stage/Points";
import { StageTool } from "../../stage/StageTool";
import { words } from "../../words/learner";
import type { BoardProps } from "./boardProps";
import { Cord } from "./Cord";
import { LockView } from "./LockView";
import { New } from "./New";
import { RoomView } from "./RoomView";
import { type Spot, spotsOf } from "./seen";
import { ThingView } from "./ThingView";
import { idsIn, useNews } from "./useNews";
import { escapeWords } from "./words";

/** The room one is in, or what one has gone up to in it; and above it what was gathered. */
export function EscapeBoard(props: BoardProps) {
  const { showing, scene, looking, give } = props;
  const [here, setHere] = useState(scene.rooms[0]?.id);
  /** What is looked at that asks no question, which the page knows nothing of. */
  const [near, setNear] = useState<string>();
  const [cameFrom, setCameFrom] = useState<string>();
  /** Whether what is said on entering is still to be seen. */
  const [greeted, setGreeted] = useState(true);
  const [listed, setListed] = useState(false);
  const news = useNews(scene);
  const room = scene.rooms.find(({ id }) => id === here) ?? scene.rooms[0];
  const at = looking?.at ?? near;
  const all = scene.rooms.flatMap((one) => spotsOf(scene, one));
  const spot = all.find(({ id }) => id === at);
  /** Whether the pieces lie before one to be put in order, so that they hang from no cord. */
  const puts = spot?.kind === "lock" && spot.lock.way === "pieces" && !spot.lock.open;
  if (!room) return null;
  const goTo = (next: Spot) => {
    news.look(next.id);
    setGreeted(false);
    give(undefined);
    setCameFrom(next.id);
    setNear(next.id);
    looking?.goTo(next.id);
  };
  const back = () => {
    give(undefined);
    setNear(undefined);
    looking?.goTo();
  };
  const enter = (id: string) => {
    back();
    const entered = scene.rooms.find((one) => one.id === id);
    // Where one has not been all is new: it need not be said of each thing.
    if (entered && news.isNew(id)) news.look(...idsIn(entered));
    setGreeted(true);
    setCameFrom(undefined);
    setHere(id);
  };
  const shared = { ...props, back, enter };
  return (
    <div className="escape">
      {scene.pieces.length > 0 && !puts && <Cord scene={scene} />}
      {spot?.kind === "lock" ? (
        <LockView key={spot.id} {...shared} lock={spot.lock} name={spot.name} />
      ) : spot ? (
        <ThingView key={spot.id} {...shared} thing={spot.thing} name={spot.name} />
      ) : (
        <div className="escape-body">
          <RoomHead {...props} room={room} greets={greeted || listed}>
            <StageTool
              label={listed ? escapeWords.asPicture : escapeWords.asList}
              icon={listed ? <MapIcon aria-hidden="true" /> : <List aria-hidden="true" />}
              pressed={listed}
              act={() => setListed(!listed)}
            />
          </RoomHead>
          {/* biome-ignore lint/a11y/noStaticElementInteractions: the keys are those of what is in it */}
          <div className="escape-room" onKeyDown={moveOnBoard}>
            <RoomView
              scene={scene}
              room={room}
              listed={listed}
              isNew={news.isNew}
              goTo={goTo}
              cameFrom={cameFrom}
            />
          </div>
          <div className="escape-rest">
            <Ways scene={scene} room={room} enter={enter} isNew={news.isNew} />
            <Foot {...props} />
          </div>
        </div>
      )}
      {showing.stage === "playing" && props.note && <p role="status">{props.note}</p>}
    </div>
  );
}

const nameOf = (scene: EscapeScene, room: SeenRoom) =>
  escapeWords.room(room, scene.rooms.indexOf(room) + 1);

/** Where one is, and what is said to who comes in. */
function RoomHead(props: BoardProps & { room: SeenRoom; greets: boolean; children: ReactNode }) {
  const { scene, room, greets, takesFocus, read, children } = props;
  return (
    <div className="escape-head">
      <div className="flex items-start gap-[0.4em]">
        <Heading
          takesFocus={takesFocus}
          turn={`room ${room.id}`}
          about={`marker ${room.id}`}
          lesser
        >
          {nameOf(scene, room)}
        </Heading>
        {read}
        <div className="ml-auto">{children}</div>
      </div>
      {greets && room.entering && (
        <div className="escape-entering" data-read>
          <Rich words={room.entering} />
        </div>
      )}
    </div>
  );
}

/** The rooms one can go to. */
function Ways(props: {
  scene: EscapeScene;
  room: SeenRoom;
  enter: (id: string) => void;
  isNew: (id: string) => boolean;
}) {
  const { scene, room, enter, isNew } = props;
  if (scene.rooms.length < 2) return null;
  return (
    <nav aria-label={escapeWords.rooms} className="escape-ways">
      {scene.rooms.map((one) => (
        <button
          key={one.id}
          type="button"
          className="btn btn-outline"
          aria-current={one.id === room.id}
          onClick={() => enter(one.id)}
        >
          <DoorOpen aria-hidden="true" className="size-[1em]" />
          {nameOf(scene, one)}
          {isNew(one.id) && one.id !== room.id && <New />}
        </button>
      ))}
    </nav>
  );
}

/** Points, lives, the clock, and the way to stop. */
function Foot({ showing, act, busy }: BoardProps) {
  const { score, terms, teams } = showing;
  return (
    <div className="escape-foot">
      {teams.length === 0 && <Points score={score} />}
      {terms.lives !== undefined && <p className="text-soft">{words.game.lives(terms.lives)}</p>}
      <Countdown showing={showing} />
      {!busy && (
        <Confirm
          label={escapeWords.stop}
          ask={escapeWords.stopAsk}
          goOn={escapeWords.goOn}
          act={() => act({ kind: "stop-escaping" })}
        />
      )}
    </div>
  );
}
