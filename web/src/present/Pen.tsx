import { Eraser, Highlighter, PenLine, Pin, PinOff, Undo2, X } from "lucide-react";
import { getStroke } from "perfect-freehand";
import { type PointerEvent, useEffect, useLayoutEffect, useRef, useState } from "react";
import type { Stroke } from "../generated/types";
import { words } from "../words/en";
import { besideOf, NO_STROKES, useBeside } from "./beside";

const LIGHT = { ink: "--color-accent", size: 23, thinning: 0, alpha: 0.4 };
const DARK = { ink: "--color-primary", size: 6, thinning: 0.4, alpha: 1 };

/**
 * A pen and a highlighter over the page. Each finger draws a stroke of its own; what was drawn belongs to
 * the page and is wiped without touching the task on it.
 */
export default function Pen(props: { page: string; drawing: boolean; leave: () => void }) {
  const { page, drawing, leave } = props;
  const strokes = useBeside((beside) => beside.strokes[page] ?? NO_STROKES);
  const keeps = useBeside((beside) => beside.keeps);
  const unkept = useBeside((beside) => beside.unkept);
  const { draw, turnKeeps, leavePage } = useBeside.getState();
  const [light, setLight] = useState(false);
  const below = useRef<HTMLCanvasElement>(null);
  const above = useRef<HTMLCanvasElement>(null);
  const open = useRef(new Map<number, Stroke>());
  useEffect(() => () => leavePage(page), [page, leavePage]);
  useStrokes(below, strokes);
  const paintOpen = () => above.current && paint(above.current, [...open.current.values()]);
  const add = (event: PointerEvent, stroke: Stroke) => {
    const box = inkedOf(stroke.on) ?? event.currentTarget.getBoundingClientRect();
    const scale = 1000 / box.width;
    // What lies between two frames is drawn, too: a quick curve stays round.
    const native = event.nativeEvent;
    const between = native.getCoalescedEvents?.() ?? [];
    for (const one of between.length > 0 ? between : [native]) {
      stroke.points.push(
        Math.round((one.clientX - box.left) * scale * 10) / 10,
        Math.round((one.clientY - box.top) * scale * 10) / 10,
        Math.round((one.pressure || 0.5) * 100),
      );
    }
  };
  const end = (event: PointerEvent) => {
    const stroke = open.current.get(event.pointerId);
    if (!stroke) return;
    open.current.delete(event.pointerId);
    draw(page, [...besideOf(page).strokes, stroke]);
    paintOpen();
  };
  return (
    <>
      <canvas ref={below} className="pen-sheet" data-strokes={strokes.length} />
      <canvas
        ref={above}
        className="pen-sheet"
        data-drawing={drawing}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          const on = inkedAt(event.clientX, event.clientY);
          const stroke: Stroke = { points: [], light, ...(on && { on }) };
          open.current.set(event.pointerId, stroke);
          add(event, stroke);
          paintOpen();
        }}
        onPointerMove={(event) => {
          const stroke = open.current.get(event.pointerId);
          if (!stroke) return;
          add(event, stroke);
          paintOpen();
        }}
        onPointerUp={end}
        onPointerCancel={end}
      />
      {drawing && (
        <div role="toolbar" aria-label={words.front.pen} className="pen-tools">
          <Tool icon={PenLine} name={words.front.penLine} on={!light} act={() => setLight(false)} />
          <Tool
            icon={Highlighter}
            name={words.front.highlighter}
            on={light}
            act={() => setLight(true)}
          />
          <Tool
            icon={Undo2}
            name={words.front.penUndo}
            act={() => draw(page, strokes.slice(0, -1))}
          />
          <Tool icon={Eraser} name={words.front.wipe} act={() => draw(page, [])} />
          <Tool
            icon={keeps ? Pin : PinOff}
            name={words.front.penKeeps}
            on={keeps}
            act={turnKeeps}
          />
          <Tool icon={X} name={words.front.penLeave} act={leave} />
        </div>
      )}
      {unkept && (
        <p role="status" className="pen-note">
          {words.front.unkept[unkept]}
        </p>
      )}
    </>
  );
}

/** What is drawn on stays with what it was drawn on: a card, the question, the figures, or the stage. */
const INKED = "data-inked";

function inkedAt(x: number, y: number): string | undefined {
  for (const element of document.elementsFromPoint(x, y)) {
    const inked = element.closest(`[${INKED}]`);
    if (inked) return inked.getAttribute(INKED) ?? undefined;
  }
  return undefined;
}

/** Where that lies now; nothing for the whole view, or where it isn’t there. */
function inkedOf(on: string | null | undefined): DOMRect | undefined {
  if (!on) return undefined;
  const inked = document.querySelector(`[${INKED}="${CSS.escape(on)}"]`);
  const box = inked?.getBoundingClientRect();
  return box && box.width > 0 ? box : undefined;
}

/** Where all lies that strokes were drawn on, as one text that changes with it. */
const placesOf = (strokes: Stroke[]) =>
  [...new Set(strokes.map(({ on }) => on))]
    .map((on) => {
      const box = inkedOf(on);
      return box ? `${on} ${box.left} ${box.top} ${box.width}` : `${on}`;
    })
    .join("|");

/** Draws what is there, anew where the view changes its size, and where what is drawn on moves. */
function useStrokes(canvas: React.RefObject<HTMLCanvasElement | null>, strokes: Stroke[]) {
  const now = useRef(strokes);
  now.current = strokes;
  const drawn = useRef<Stroke[]>(NO_STROKES);
  useLayoutEffect(() => {
    const sheet = canvas.current;
    if (!sheet) return;
    const before = drawn.current;
    // One stroke more is laid over what is there; all else is drawn anew.
    const more = before.length > 0 && before.every((stroke, i) => stroke === strokes[i]);
    paint(sheet, more ? strokes.slice(before.length) : strokes, more);
    drawn.current = strokes;
  }, [canvas, strokes]);
  useEffect(() => {
    if (strokes.every(({ on }) => !on)) return;
    let places = placesOf(strokes);
    let frame = requestAnimationFrame(function look() {
      const now = placesOf(strokes);
      if (now !== places && canvas.current) paint(canvas.current, strokes);
      places = now;
      frame = requestAnimationFrame(look);
    });
    return () => cancelAnimationFrame(frame);
  }, [canvas, strokes]);
  useEffect(() => {
    const sheet = canvas.current;
    if (!sheet || typeof ResizeObserver === "undefined") return;
    const observer = new ResizeObserver(() => paint(sheet, now.current));
    observer.observe(sheet);
    return () => observer.disconnect();
  }, [canvas]);
}

/** Paints strokes; over what is there, or on a clean sheet. */
function paint(canvas: HTMLCanvasElement, strokes: Stroke[], over = false) {
  const context = canvas.getContext("2d");
  if (!context) return;
  const sharp = window.devicePixelRatio || 1;
  const width = Math.round(canvas.clientWidth * sharp);
  const height = Math.round(canvas.clientHeight * sharp);
  if (canvas.width !== width || canvas.height !== height) {
    canvas.width = width;
    canvas.height = height;
  } else if (!over) context.clearRect(0, 0, width, height);
  const style = getComputedStyle(canvas);
  const sheet = canvas.getBoundingClientRect();
  for (const stroke of strokes) {
    const box = inkedOf(stroke.on);
    // What it was drawn on isn’t there just now.
    if (stroke.on && !box) continue;
    const scale = ((box?.width ?? sheet.width) * sharp) / 1000;
    const left = box ? (box.left - sheet.left) * sharp : 0;
    const top = box ? (box.top - sheet.top) * sharp : 0;
    const { ink, size, thinning, alpha } = stroke.light ? LIGHT : DARK;
    const points: [number, number, number][] = [];
    for (let i = 0; i + 2 < stroke.points.length; i += 3) {
      points.push([
        left + (stroke.points[i] ?? 0) * scale,
        top + (stroke.points[i + 1] ?? 0) * scale,
        (stroke.points[i + 2] ?? 50) / 100,
      ]);
    }
    const edge = getStroke(points, { size: (size * width) / 1000, thinning });
    const [first, ...rest] = edge;
    if (!first) continue;
    context.globalAlpha = alpha;
    context.fillStyle = style.getPropertyValue(ink);
    context.beginPath();
    context.moveTo(first[0] ?? 0, first[1] ?? 0);
    for (const [x, y] of rest) context.lineTo(x ?? 0, y ?? 0);
    context.fill();
  }
}

function Tool(props: { icon: typeof X; name: string; on?: boolean; act: () => void }) {
  const Icon = props.icon;
  return (
    <button
      type="button"
      aria-label={props.name}
      title={props.name}
      aria-pressed={props.on}
      onClick={props.act}
      className={`btn btn-square ${props.on ? "btn-neutral" : ""}`}
    >
      <Icon aria-hidden="true" />
    </button>
  );
}
