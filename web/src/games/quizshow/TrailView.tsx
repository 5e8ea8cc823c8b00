import { List, ZoomIn, ZoomOut } from "lucide-react";
import { type CSSProperties, type ReactNode, useState } from "react";
import type { OfTrail, State, TrailPlace } from "../../generated/types";
import { useMediaAddress } from "../../rich/media";
import { moveOnBoard, PICKED } from "../../stage/boardKeys";
import { MARKER_SIGNS } from "../../stage/markerSigns";
import { StageTool } from "../../stage/StageTool";
import { useSize } from "../../ui/useSize";
import { words } from "../../words/learner";
import { boardWords } from "./words";

/** What a finger needs, in CSS pixels. */
const FINGER = 44;
/** On a projector a marker's number has to be read from the back row. */
const LARGEST = 76;
const CLOSER = 1.4;
const CLOSEST = 4;

const INKS: Record<State, string> = {
  "to-do": "bg-card border-base-content text-base-content",
  now: "bg-accent border-base-content text-accent-content",
  right: "bg-success border-success text-success-content",
  wrong: "bg-error border-error text-error-content",
  missed: "bg-base-300 border-edge text-base-content",
  partly: "bg-card border-success text-success",
  retry: "bg-card border-error text-error",
  given: "bg-card border-primary text-primary",
};

/**
 * The picture with its markers. Their places belong to the picture: on a small screen it is as large
 * as it takes for a finger to press each, and can be moved and zoomed; the list does the same.
 */
export function TrailView(props: {
  trail: OfTrail;
  pick: (question: string) => void;
  busy?: boolean;
  /** What stands above the picture, beside the tools. */
  children: ReactNode;
}) {
  const { trail, pick, busy, children } = props;
  const [ref, box] = useSize<HTMLDivElement>();
  const [zoom, setZoom] = useState(1);
  const [listed, setListed] = useState(false);
  const width = trail.picture?.width ?? 4;
  const height = trail.picture?.height ?? 3;
  const fitting = Math.min(box.width, (box.height * width) / height) || 0;
  const least = (FINGER * 1_000) / trail.size;
  const across = Math.max(fitting, least) * zoom;
  const marker = Math.min(LARGEST, (across * trail.size) / 1_000);
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the keys are those of the markers in it
    <div
      className="flex min-h-0 flex-1 flex-col gap-[calc(var(--gap)*0.5)]"
      onKeyDown={moveOnBoard}
    >
      <div className="flex flex-wrap items-center gap-x-[1em] gap-y-1 pr-10">
        {children}
        <div className="ml-auto flex gap-2">
          <StageTool
            label={boardWords.trail.zoomIn}
            icon={<ZoomIn aria-hidden="true" />}
            disabled={listed || zoom >= CLOSEST}
            act={() => setZoom(Math.min(CLOSEST, zoom * CLOSER))}
          />
          <StageTool
            label={boardWords.trail.zoomOut}
            icon={<ZoomOut aria-hidden="true" />}
            disabled={listed || zoom <= 1}
            act={() => setZoom(Math.max(1, zoom / CLOSER))}
          />
          <StageTool
            label={boardWords.trail.list}
            icon={<List aria-hidden="true" />}
            pressed={listed}
            act={() => setListed(!listed)}
          />
        </div>
      </div>
      <div ref={ref} className="trail-window" hidden={listed}>
        <div
          className="relative m-auto shrink-0"
          style={
            {
              width: across,
              height: (across * height) / width,
              "--marker": `${marker}px`,
            } as CSSProperties
          }
        >
          <Ground trail={trail} />
          {trail.places.map((place) => (
            <Marker key={place.question} place={place} pick={pick} busy={busy} />
          ))}
        </div>
      </div>
      {!listed && across > box.width + 1 && box.width > 0 && (
        <p className="text-soft">{boardWords.trail.moreThere}</p>
      )}
      {listed && <MarkerList trail={trail} pick={pick} busy={busy} />}
    </div>
  );
}

function Ground({ trail }: { trail: OfTrail }) {
  const address = useMediaAddress();
  return trail.picture ? (
    <img
      src={address(trail.picture.medium)}
      alt={trail.picture.alt}
      draggable={false}
      className="block size-full rounded-[4px]"
    />
  ) : (
    <div className="size-full rounded-[4px] border-2 border-dashed border-line bg-base-200" />
  );
}

function Marker(props: { place: TrailPlace; pick: (question: string) => void; busy?: boolean }) {
  const { place, pick, busy } = props;
  const { state, number, open, question } = place;
  const sign = MARKER_SIGNS[state];
  return (
    <button
      type="button"
      data-state={state}
      data-about={`marker ${question}`}
      aria-label={boardWords.trail.pick(number, words.game.markers[state])}
      aria-disabled={!open || busy}
      {...(open && PICKED)}
      onClick={() => open && !busy && pick(question)}
      style={{ left: `${place.x / 10}%`, top: `${place.y / 10}%` }}
      className={`trail-marker ${INKS[state]} ${open ? "cursor-pointer" : ""}`}
    >
      {sign || number}
      {sign !== "" && <span className="trail-number">{number}</span>}
    </button>
  );
}

function MarkerList(props: { trail: OfTrail; pick: (question: string) => void; busy?: boolean }) {
  const { trail, pick, busy } = props;
  return (
    <ol className="grid min-h-0 flex-1 auto-rows-min grid-cols-[repeat(auto-fill,minmax(11em,1fr))] gap-2 overflow-y-auto">
      {trail.places.map(({ question, number, state, open }) => (
        <li key={question}>
          <button
            type="button"
            disabled={!open || busy}
            {...(open && PICKED)}
            onClick={() => pick(question)}
            className="flex min-h-11 w-full items-center gap-[0.6em] rounded-[14px] border-2 border-line bg-card px-[0.6em] text-start enabled:cursor-pointer enabled:hover:border-edge"
          >
            <span
              aria-hidden="true"
              className={`grid size-[1.8em] shrink-0 place-items-center rounded-full border-2 ${INKS[state]}`}
            >
              {MARKER_SIGNS[state] || number}
            </span>
            {boardWords.trail.pick(number, words.game.markers[state])}
          </button>
        </li>
      ))}
    </ol>
  );
}
