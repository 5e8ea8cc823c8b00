import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from "react";
import { limits } from "../../generated/limits";
import type { Area, Form, Spot } from "../../generated/types";
import { mediumAddress } from "../../rich/media";
import { arrowOf } from "../../ui/arrows";
import { words } from "../../words/en";
import { AreaLayer, AreaShape, placeIn, within } from "../answers/areas";

/** Smaller than this nobody can point at it, in thousandths. */
const LEAST = 20;
const STEP = 10;

interface BoardProps {
  picture: string;
  areas: Area[];
  /** The number of each area, where that is not its place among them. */
  numbers?: Record<string, number>;
  /** What is being drawn; nothing while areas are chosen and moved. */
  tool?: Form;
  chosen?: string;
  choose: (id: string | undefined) => void;
  draw: (form: Form, corners: Spot[]) => void;
  /** Leaves drawing without an area. */
  leave: () => void;
  /** Changes with the same key that follow quickly are one step of undo. */
  reshape: (id: string, corners: Spot[], key?: string) => void;
}

/**
 * The picture with its areas: drawn with a pointer, moved and reshaped by their handles with a
 * pointer or with the arrow keys.
 */
export function AreaBoard(props: BoardProps) {
  const { picture, areas, numbers, tool, chosen, choose, draw, leave, reshape } = props;
  const board = useRef<HTMLDivElement>(null);
  const [draft, setDraft] = useState<Spot[]>([]);
  /** The chosen area while it is dragged: it reaches the sheet when it is let go. */
  const [dragged, setDragged] = useState<Spot[]>();
  const grip = useRef<{ corner?: number; from: Spot; corners: Spot[] }>(undefined);
  const area = areas.find((one) => one.id === chosen);
  const corners = dragged ?? area?.corners ?? [];

  useEffect(() => {
    if (tool === undefined) setDraft([]);
    else board.current?.focus();
  }, [tool]);

  const place = (event: PointerEvent) => placeIn(board.current as Element, event);
  const down = (event: PointerEvent) => {
    if (event.button !== 0) return;
    const at = place(event);
    if (tool === "polygon") {
      const [first] = draft;
      if (first && draft.length > 2 && near(first, at)) return draw("polygon", draft);
      if (draft.length < limits.Area.corners.most) setDraft([...draft, at]);
    } else if (tool) {
      board.current?.setPointerCapture(event.pointerId);
      setDraft([at, at]);
    } else {
      const hit = areas.findLast((one) => covers(one, at));
      choose(hit?.id);
      if (hit) hold(event, hit);
    }
  };
  const hold = (event: PointerEvent, held: Area, corner?: number) => {
    board.current?.setPointerCapture(event.pointerId);
    grip.current = { corner, from: place(event), corners: held.corners };
  };
  const move = (event: PointerEvent) => {
    const at = place(event);
    const { current } = grip;
    if (current) setDragged(shifted(current.corners, current.corner, less(at, current.from)));
    else if (tool && tool !== "polygon" && draft.length > 0) setDraft([draft[0] ?? at, at]);
  };
  const up = () => {
    if (grip.current && dragged && chosen) reshape(chosen, dragged);
    grip.current = undefined;
    setDragged(undefined);
    const [a, b] = draft;
    if (tool && tool !== "polygon" && a && b) {
      if (Math.abs(a.x - b.x) >= LEAST && Math.abs(a.y - b.y) >= LEAST) draw(tool, [a, b]);
      setDraft([]);
    }
  };
  const onKey = (event: KeyboardEvent) => {
    if (!tool) return;
    if (event.key === "Escape") {
      event.stopPropagation();
      leave();
    } else if (event.key === "Enter" && draft.length > 2) draw("polygon", draft);
    else if (event.key === "Backspace" && draft.length > 0) setDraft(draft.slice(0, -1));
  };
  const nudge = (event: KeyboardEvent, corner?: number) => {
    const by = arrowOf(event.key);
    if (!by || !area || event.altKey) return;
    event.preventDefault();
    event.stopPropagation();
    const step = event.shiftKey ? STEP * 5 : STEP;
    const moved = shifted(area.corners, corner, { x: by[0] * step, y: by[1] * step });
    reshape(area.id, moved, `corners ${corner}`);
  };

  return (
    <div
      ref={board}
      role="application"
      aria-label={words.sheet.board}
      tabIndex={tool ? 0 : -1}
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={up}
      onKeyDown={onKey}
      className={`relative mt-1.5 w-fit max-w-full touch-none rounded-[4px] border-2 border-line select-none ${tool ? "cursor-crosshair" : ""}`}
    >
      <img
        src={mediumAddress(picture)}
        alt=""
        draggable={false}
        className="block max-h-96 max-w-full"
      />
      <AreaLayer>
        {areas.map((one) => (
          <AreaShape
            key={one.id}
            area={one.id === chosen ? { ...one, corners } : one}
            className={`${one.right ? "fill-success/25 stroke-success" : "fill-base-content/10 stroke-base-content [stroke-dasharray:6_5]"}`}
          />
        ))}
        {tool && tool !== "polygon" && draft.length > 1 && (
          <AreaShape
            area={{ form: tool, corners: draft }}
            className="fill-accent/30 stroke-primary"
          />
        )}
        {tool === "polygon" && draft.length > 0 && (
          <polyline
            points={draft.map((spot) => `${spot.x},${spot.y}`).join(" ")}
            className="fill-accent/30 stroke-primary"
            strokeWidth={3}
            vectorEffect="non-scaling-stroke"
          />
        )}
      </AreaLayer>
      {areas.map((one, i) => {
        const middle = centre(one.id === chosen ? corners : one.corners);
        return (
          <Dot key={one.id} at={middle} className="pointer-events-none">
            <span
              className={`grid size-6 place-items-center rounded-full border-2 text-xs font-bold ${one.right ? "border-success bg-success text-success-content" : "border-edge bg-card"}`}
            >
              {numbers?.[one.id] ?? i + 1}
            </span>
          </Dot>
        );
      })}
      {tool === "polygon" &&
        draft.map((spot, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a corner is its place
          <Dot key={i} at={spot} className="pointer-events-none">
            <span className="size-3 rounded-full bg-primary" />
          </Dot>
        ))}
      {!tool && area && (
        <>
          <Handle
            label={words.sheet.areaMove}
            at={centre(corners)}
            hold={(event) => hold(event, area)}
            nudge={(event) => nudge(event)}
          />
          {corners.map((spot, i) => (
            <Handle
              // biome-ignore lint/suspicious/noArrayIndexKey: a corner is its place
              key={i}
              corner
              label={words.sheet.areaCorner(i + 1)}
              at={spot}
              hold={(event) => hold(event, area, i)}
              nudge={(event) => nudge(event, i)}
            />
          ))}
        </>
      )}
    </div>
  );
}

function Dot(props: { at: Spot; className?: string; children: React.ReactNode }) {
  return (
    <span
      aria-hidden="true"
      style={{ left: `${props.at.x / 10}%`, top: `${props.at.y / 10}%` }}
      className={`absolute grid size-6 -translate-1/2 place-items-center ${props.className ?? ""}`}
    >
      {props.children}
    </span>
  );
}

/** A handle: large enough for a finger, small to the eye. */
function Handle(props: {
  label: string;
  at: Spot;
  corner?: boolean;
  hold: (event: PointerEvent) => void;
  nudge: (event: KeyboardEvent) => void;
}) {
  const { label, at, corner, hold, nudge } = props;
  return (
    <button
      type="button"
      aria-label={label}
      style={{ left: `${at.x / 10}%`, top: `${at.y / 10}%` }}
      className="absolute grid size-11 -translate-1/2 cursor-move place-items-center rounded-full"
      onPointerDown={(event) => {
        event.stopPropagation();
        hold(event);
      }}
      onKeyDown={nudge}
    >
      {corner && (
        <span className="size-4 rounded-full border-2 border-base-100 bg-primary outline-2 outline-primary" />
      )}
    </button>
  );
}

const less = (a: Spot, b: Spot): Spot => ({ x: a.x - b.x, y: a.y - b.y });

const near = (a: Spot, b: Spot) => Math.hypot(a.x - b.x, a.y - b.y) < 25;

/** Moved by so much: one corner, or all of them, which then stay together inside the picture. */
export function shifted(corners: Spot[], corner: number | undefined, by: Spot): Spot[] {
  if (corner !== undefined) {
    return corners.map((spot, i) => (i === corner ? within(spot.x + by.x, spot.y + by.y) : spot));
  }
  const [xs, ys] = [corners.map((spot) => spot.x), corners.map((spot) => spot.y)];
  const dx = Math.min(Math.max(by.x, -Math.min(...xs)), 1_000 - Math.max(...xs));
  const dy = Math.min(Math.max(by.y, -Math.min(...ys)), 1_000 - Math.max(...ys));
  return corners.map((spot) => within(spot.x + dx, spot.y + dy));
}

/** The middle of the box round some corners. */
function centre(corners: Spot[]): Spot {
  const [xs, ys] = [corners.map((spot) => spot.x), corners.map((spot) => spot.y)];
  const middle = (all: number[]) => (Math.min(...all) + Math.max(...all)) / 2;
  return corners.length === 0 ? { x: 0, y: 0 } : { x: middle(xs), y: middle(ys) };
}

/** Whether a press there means this area: its box is near enough for choosing it. */
function covers(area: Area, at: Spot): boolean {
  const [xs, ys] = [area.corners.map((spot) => spot.x), area.corners.map((spot) => spot.y)];
  return (
    at.x >= Math.min(...xs) &&
    at.x <= Math.max(...xs) &&
    at.y >= Math.min(...ys) &&
    at.y <= Math.max(...ys)
  );
}
