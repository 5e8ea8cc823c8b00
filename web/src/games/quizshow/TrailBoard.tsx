import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from "react";
import { trailApart } from "../../engine/LocalGame";
import type { QuestionUnion, Spot, Trail, TrailMarker } from "../../generated/types";
import { AreaLayer, placeIn, within } from "../../questions/answers/areas";
import { mediumAddress } from "../../rich/media";
import { plainOf } from "../../rich/words";
import { arrowOf } from "../../ui/arrows";
import { useStayPut } from "../../ui/useStayPut";
import { boardWords } from "./words";

const STEP = 10;

/** The picture itself: pressed where a marker belongs, drawn on for a path. */
export function TrailBoard(props: {
  trail: Trail;
  questions: QuestionUnion[];
  path?: Spot[];
  setPath: (path: Spot[] | undefined) => void;
  endPath: (path: Spot[]) => void;
  lay: (at: Spot) => void;
  set: (trail: Trail, key?: string) => void;
  open: (question: string) => void;
}) {
  const { trail, questions, path, setPath, endPath, lay, set, open } = props;
  const board = useRef<HTMLDivElement>(null);
  const [dragged, setDragged] = useState<TrailMarker>();
  const drawing = useRef(false);
  /** A press that began on a marker, or drew a path, lays none where it ends. */
  const laysNone = useRef(false);
  useStayPut(board);
  const waits = path !== undefined;
  useEffect(() => {
    if (waits) board.current?.focus();
  }, [waits]);
  const place = (event: PointerEvent) => placeIn(board.current as Element, event);
  const down = (event: PointerEvent) => {
    if (event.button !== 0) return;
    laysNone.current = path !== undefined;
    if (path === undefined) return;
    board.current?.setPointerCapture(event.pointerId);
    drawing.current = true;
    setPath([place(event)]);
  };
  const move = (event: PointerEvent) => {
    if (drawing.current && path) setPath([...path, place(event)]);
    else if (dragged) setDragged({ ...dragged, ...place(event) });
  };
  const up = () => {
    if (drawing.current && path) endPath(path);
    drawing.current = false;
    if (dragged) set(moved(trail, dragged));
    setDragged(undefined);
  };
  const { width = 4, height = 3 } = trail.picture ?? {};
  return (
    <div
      ref={board}
      role="application"
      tabIndex={-1}
      aria-label={boardWords.trail.board}
      style={{ aspectRatio: `${width} / ${height}` }}
      className={`relative w-full max-w-full touch-none overflow-hidden rounded-[4px] border-2 border-line bg-base-200 select-none ${path ? "cursor-crosshair" : "cursor-copy"}`}
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={up}
      onClick={(event) => {
        if (!laysNone.current && event.target === event.currentTarget) {
          lay(placeIn(event.currentTarget, event as unknown as PointerEvent));
        }
      }}
      onKeyDown={(event) => {
        if (event.key === "Escape" && path) {
          event.stopPropagation();
          setPath(undefined);
        }
      }}
    >
      {trail.picture ? (
        <img
          src={mediumAddress(trail.picture.medium)}
          alt=""
          draggable={false}
          className="pointer-events-none block size-full object-fill"
        />
      ) : (
        <p className="pointer-events-none absolute inset-0 grid place-items-center p-6 text-center text-soft">
          {boardWords.trail.nothing}
        </p>
      )}
      {path && path.length > 1 && <PathLine path={path} />}
      {trail.markers.map((marker) => (
        <MarkerHandle
          key={marker.question}
          marker={dragged?.question === marker.question ? dragged : marker}
          questions={questions}
          hold={(event) => {
            event.stopPropagation();
            laysNone.current = true;
            board.current?.setPointerCapture(event.pointerId);
            setDragged(marker);
            open(marker.question);
          }}
          nudge={(to, key) => set(moved(trail, { ...marker, ...to }), key)}
          remove={() =>
            set({
              ...trail,
              markers: trail.markers.filter(({ question }) => question !== marker.question),
            })
          }
        />
      ))}
    </div>
  );
}

/** With one marker elsewhere; the others make room. */
function moved(trail: Trail, marker: TrailMarker): Trail {
  return trailApart({
    ...trail,
    markers: trail.markers.map((other) => (other.question === marker.question ? marker : other)),
  });
}

function PathLine({ path }: { path: Spot[] }) {
  return (
    <AreaLayer>
      <polyline
        points={path.map(({ x, y }) => `${x},${y}`).join(" ")}
        className="fill-none stroke-primary"
        strokeWidth={4}
        vectorEffect="non-scaling-stroke"
      />
    </AreaLayer>
  );
}

function MarkerHandle(props: {
  marker: TrailMarker;
  questions: QuestionUnion[];
  hold: (event: PointerEvent) => void;
  nudge: (to: Spot, key: string) => void;
  remove: () => void;
}) {
  const { marker, questions, hold, nudge, remove } = props;
  const place = questions.findIndex(({ id }) => id === marker.question);
  const question = questions[place];
  const onKey = (event: KeyboardEvent) => {
    const by = arrowOf(event.key);
    if (by && !event.altKey) {
      event.preventDefault();
      event.stopPropagation();
      const step = event.shiftKey ? STEP * 5 : STEP;
      nudge(within(marker.x + by[0] * step, marker.y + by[1] * step), `nudge ${marker.question}`);
    } else if (event.key === "Delete" || event.key === "Backspace") {
      event.preventDefault();
      event.stopPropagation();
      remove();
    }
  };
  return (
    <button
      type="button"
      aria-label={boardWords.trail.marker(place + 1, question ? plainOf(question.text) : "")}
      data-place={`marker ${marker.question}`}
      style={{ left: `${marker.x / 10}%`, top: `${marker.y / 10}%` }}
      className={`absolute grid size-9 -translate-1/2 cursor-move place-items-center rounded-full border-2 font-display font-semibold ${question ? (question.off ? "border-edge bg-base-200 text-soft" : "border-base-content bg-card") : "border-error bg-card text-error"}`}
      onPointerDown={hold}
      onKeyDown={onKey}
    >
      {question ? place + 1 : "?"}
    </button>
  );
}
