import { DoorOpen, List, Map as MapIcon } from "lucide-react";
import { type ReactNode, useState } from "react";
import type { SeenRoom } from "../../generated/types";
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
import { useNews } from "./useNews";
import { escapeWords } from "./words";

/** The room one is in, or what one has gone up to in it; and above it what was gathered. */
export function EscapeBoard(props: BoardProps) {
  const { showing, scene, looking, give } = props;
  const [here, setHere] = useState(scene.rooms[0]?.id);
  /** What is looked at that asks no question, which the page knows nothing of. */
  const [near, setNear] = useState<string>();
  const [cameFrom, setCameFrom] = useState<string>();
  const [listed, setListed] = useState(false);
  const news = useNews(scene);
  const room = scene.rooms.find(({ id }) => id === here) ?? scene.rooms[0];
  const at = looking?.at ?? near;
  const all = scene.rooms.flatMap((one) => spotsOf(scene, one));
  const spot = all.find(({ id }) => id === at);
  if (!room) return null;
  const goTo = (next: Spot) => {
    news.look(next.id);
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
    news.look(id);
    setCameFrom(undefined);
    setHere(id);
  };
  const shared = { ...props, back, enter };
  return (
    <div className="escape">
      {scene.pieces.length > 0 && <Cord scene={scene} />}
      {spot?.kind === "lock" ? (
        <LockView key={spot.id} {...shared} lock={spot.lock} name={spot.name} />
      ) : spot ? (
        <ThingView key={spot.id} {...shared} thing={spot.thing} name={spot.name} />
      ) : (
        <>
          <RoomHead {...props} room={room} enter={enter} isNew={news.isNew}>
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
          <Foot {...props} />
        </>
      )}
      {showing.stage === "playing" && props.note && <p role="status">{props.note}</p>}
    </div>
  );
}

function RoomHead(
  props: BoardProps & {
    room: SeenRoom;
    enter: (id: string) => void;
    isNew: (id: string) => boolean;
    children: ReactNode;
  },
) {
  const { scene, room, enter, isNew, takesFocus, read, children } = props;
  const number = (id: string) => scene.rooms.findIndex((one) => one.id === id) + 1;
  const name = escapeWords.room(room, number(room.id));
  return (
    <div className="escape-head">
      <div className="flex min-w-0 flex-wrap items-start gap-[0.4em]">
        <Heading
          takesFocus={takesFocus}
          turn={`room ${room.id}`}
          about={`marker ${room.id}`}
          lesser
        >
          {name}
        </Heading>
        {read}
      </div>
      {scene.rooms.length > 1 && (
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
              {escapeWords.room(one, number(one.id))}
              {isNew(one.id) && one.id !== room.id && <New />}
            </button>
          ))}
        </nav>
      )}
      <div className="ml-auto">{children}</div>
      {room.entering && (
        <div className="escape-entering" data-read>
          <Rich words={room.entering} />
        </div>
      )}
    </div>
  );
}

/** Points, lives, the clock, and the way to stop. */
function Foot({ showing, act, timeUp, busy }: BoardProps) {
  const { score, terms, clock, teams } = showing;
  return (
    <div className="escape-foot">
      {teams.length === 0 && <Points score={score} />}
      {terms.lives !== undefined && <p className="text-soft">{words.game.lives(terms.lives)}</p>}
      {clock && <Countdown clock={clock} timeUp={timeUp} silent={showing.sounds?.off} />}
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
