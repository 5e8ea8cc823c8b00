import { type CSSProperties, type KeyboardEvent, type PointerEvent, useRef, useState } from "react";
import type { Figure } from "../generated/types";
import { drawingOf } from "./drawing";
import { figureWords } from "./figureWords";
import "./figures.css";

/** How wide a drawing is for its height, said to the style: it is no larger than there is room. */
export const shapeOf = (width: number, height: number) =>
  ({ "--wide": (width / height).toFixed(3) }) as CSSProperties;

/** A figure that is looked at. Frames lie below parts: each part loses as much to the ink around it. */
export function FigureView({ figure }: { figure: Figure }) {
  const { width, height, parts, wholes } = drawingOf(figure);
  return (
    <svg
      role="img"
      aria-label={figureWords.seen(figure)}
      viewBox={`0 0 ${width} ${height}`}
      className="figure"
      style={shapeOf(width, height)}
      data-shape={figure.shape}
    >
      {wholes.map((path) => (
        <path key={path} d={path} className="figure-whole" />
      ))}
      {parts.map((path, place) => (
        <path
          key={path}
          d={path}
          className="figure-part"
          data-shaded={figure.shaded.includes(place)}
        />
      ))}
    </svg>
  );
}

/**
 * A figure that is shaded by pressing its parts, or by a stroke over them: the first part says whether
 * the stroke shades or wipes. Each finger makes a stroke of its own.
 */
export function FigureShading(props: { figure: Figure; shade: (shaded: number[]) => void }) {
  const { figure, shade } = props;
  const { width, height, parts, wholes } = drawingOf(figure);
  const [at, setAt] = useState(0);
  const list = useRef<SVGGElement>(null);
  const strokes = useRef(new Map<number, boolean>());
  // What several fingers do before it is drawn again adds up.
  const now = useRef(figure.shaded);
  now.current = figure.shaded;
  const turn = (place: number, on: boolean) => {
    if (now.current.includes(place) === on) return;
    now.current = on
      ? [...now.current, place].sort((a, b) => a - b)
      : now.current.filter((other) => other !== place);
    shade(now.current);
  };
  const placeOf = (there: EventTarget | null) => {
    const part = there instanceof SVGElement && list.current?.contains(there) ? there : undefined;
    return part?.dataset.part === undefined ? undefined : Number(part.dataset.part);
  };
  const down = (event: PointerEvent) => {
    const place = placeOf(event.target);
    if (place === undefined || event.button !== 0) return;
    event.currentTarget.setPointerCapture?.(event.pointerId);
    const on = !now.current.includes(place);
    strokes.current.set(event.pointerId, on);
    setAt(place);
    turn(place, on);
  };
  const move = (event: PointerEvent) => {
    const on = strokes.current.get(event.pointerId);
    const place =
      on === undefined
        ? undefined
        : placeOf(document.elementFromPoint(event.clientX, event.clientY));
    if (on !== undefined && place !== undefined) turn(place, on);
  };
  const up = (event: PointerEvent) => strokes.current.delete(event.pointerId);
  const onKey = (event: KeyboardEvent) => {
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    const last = parts.length - 1;
    const to =
      by !== undefined
        ? (at + by + parts.length) % parts.length
        : event.key === "Home"
          ? 0
          : event.key === "End"
            ? last
            : undefined;
    if (to !== undefined) {
      setAt(to);
      list.current?.querySelector<SVGElement>(`[data-part="${to}"]`)?.focus();
    } else if (event.key === " " || event.key === "Enter") {
      turn(Math.min(at, last), !now.current.includes(Math.min(at, last)));
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      className="figure figure-open"
      style={shapeOf(width, height)}
      data-shape={figure.shape}
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={up}
    >
      <title>{figureWords.seen(figure)}</title>
      {wholes.map((path) => (
        <path key={path} d={path} className="figure-whole" />
      ))}
      {/* biome-ignore lint/a11y/noStaticElementInteractions: the arrows move among the parts in it */}
      <g ref={list} onKeyDown={onKey}>
        {parts.map((path, place) => (
          // biome-ignore lint/a11y/useSemanticElements: a part of a drawing is no input
          <path
            key={path}
            d={path}
            data-part={place}
            role="checkbox"
            aria-checked={figure.shaded.includes(place)}
            aria-label={figureWords.part(place + 1, parts.length)}
            tabIndex={place === Math.min(at, parts.length - 1) ? 0 : -1}
            className="figure-part"
            data-shaded={figure.shaded.includes(place)}
            onFocus={() => setAt(place)}
          />
        ))}
      </g>
    </svg>
  );
}
