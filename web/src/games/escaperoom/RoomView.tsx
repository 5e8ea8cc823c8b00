import { Eye, Lock, LockOpen, ZoomIn, ZoomOut } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import type { EscapeScene, SeenCover, SeenRoom } from "../../generated/types";
import { useMediaAddress } from "../../rich/media";
import { PICKED } from "../../stage/boardKeys";
import { StageTool } from "../../stage/StageTool";
import { useSize } from "../../ui/useSize";
import { words } from "../../words/learner";
import { New } from "./New";
import { boxOf, type Spot, sideOf, spotsOf, stateOf } from "./seen";
import { escapeWords } from "./words";

const CLOSER = 1.4;
const CLOSEST = 4;

interface RoomProps {
  scene: EscapeScene;
  room: SeenRoom;
  /** Whether everything is told as a list, without the picture. */
  listed: boolean;
  isNew: (id: string) => boolean;
  goTo: (spot: Spot) => void;
  /** What one has just come back from: it has the focus again. */
  cameFrom?: string;
}

/** The room: its picture with what is on it, and what is there beside it. */
export function RoomView(props: RoomProps) {
  const { scene, room, listed, cameFrom } = props;
  const spots = spotsOf(scene, room);
  const pictured = (room.picture ?? room.part) !== undefined && !listed;
  const placed = pictured ? spots.filter((spot) => spot.place) : [];
  const beside = spots.filter((spot) => !placed.includes(spot));
  const box = useRef<HTMLDivElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when one comes back
  useEffect(() => {
    const spot = cameFrom && box.current?.querySelector(`[data-spot="${CSS.escape(cameFrom)}"]`);
    if (spot instanceof HTMLElement) spot.focus();
  }, []);
  return (
    <div ref={box} className="escape-view" data-pictured={pictured}>
      {pictured && <RoomPicture {...props} placed={placed} />}
      {beside.length > 0 && (
        <ul
          aria-label={pictured ? escapeWords.beside : escapeWords.inRoom}
          className="escape-beside"
        >
          {beside.map((spot) => (
            <li key={spot.id}>
              <SpotButton {...props} spot={spot} />
            </li>
          ))}
        </ul>
      )}
      {spots.length === 0 && !pictured && <p className="text-soft">{escapeWords.nothing}</p>}
    </div>
  );
}

/** The picture as large as there is room; it can be brought closer, and then moved. */
function RoomPicture(props: RoomProps & { placed: Spot[] }) {
  const { room, placed } = props;
  const address = useMediaAddress();
  const [ref, size] = useSize<HTMLDivElement>();
  const [zoom, setZoom] = useState(1);
  const [missing, setMissing] = useState(false);
  const medium = room.picture ?? room.part;
  const fitting = Math.max(0, Math.min(size.width, (size.height * room.ratio) / 1000));
  if (!medium) return null;
  return (
    <div className="escape-window">
      <div ref={ref} className="trail-window">
        <div
          className="escape-picture"
          style={{ width: fitting * zoom || "100%", aspectRatio: `${room.ratio} / 1000` }}
        >
          {missing ? (
            <p role="alert" className="p-[1em]">
              {words.medium.pictureMissing(room.alt)}
            </p>
          ) : (
            <img
              key={medium}
              src={address(medium)}
              alt={room.alt}
              draggable={false}
              onError={() => setMissing(true)}
            />
          )}
          {room.covers.map((cover) => (
            <Cover key={cover.id} cover={cover} />
          ))}
          <ul aria-label={escapeWords.onPicture}>
            {placed.map((spot) => (
              <li
                key={spot.id}
                className="escape-place"
                data-side={spot.place && sideOf(spot.place)}
                style={spot.place && boxOf(spot.place)}
              >
                <SpotButton {...props} spot={spot} onPicture />
              </li>
            ))}
          </ul>
        </div>
      </div>
      <div className="escape-tools">
        <StageTool
          label={escapeWords.zoomIn}
          icon={<ZoomIn aria-hidden="true" />}
          disabled={zoom >= CLOSEST}
          act={() => setZoom(Math.min(CLOSEST, zoom * CLOSER))}
        />
        <StageTool
          label={escapeWords.zoomOut}
          icon={<ZoomOut aria-hidden="true" />}
          disabled={zoom <= 1}
          act={() => setZoom(Math.max(1, zoom / CLOSER))}
        />
      </div>
    </div>
  );
}

/** Something that is in the way. */
function Cover({ cover }: { cover: SeenCover }) {
  return (
    <div
      className="escape-cover"
      data-about={`marker ${cover.id}`}
      style={{
        left: `${cover.x / 10}%`,
        top: `${cover.y / 10}%`,
        width: `${cover.width / 10}%`,
        height: `${cover.height / 10}%`,
      }}
    >
      <span>{escapeWords.cover(cover.name)}</span>
    </div>
  );
}

/** A thing or a lock: on the picture a seal in its place, elsewhere a card. */
function SpotButton(props: RoomProps & { spot: Spot; onPicture?: boolean }) {
  const { spot, isNew, goTo, onPicture } = props;
  const isLock = spot.kind === "lock";
  const open = isLock && spot.lock.open;
  const Icon = !isLock ? Eye : open ? LockOpen : Lock;
  const fresh = isNew(spot.id);
  return (
    <button
      type="button"
      data-spot={spot.id}
      data-kind={spot.kind}
      data-open={open}
      data-new={fresh}
      data-about={`marker ${spot.id}`}
      {...PICKED}
      className={onPicture ? "escape-spot" : "escape-card"}
      onClick={() => goTo(spot)}
    >
      <span className="escape-seal">
        <Icon aria-hidden="true" />
      </span>
      <span className="escape-name">
        {spot.name}
        {isLock && <span className="escape-state"> – {stateOf(spot.lock)}</span>}
      </span>
      {fresh && <New />}
    </button>
  );
}
