import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from "react";
import { arrowOf } from "../ui/arrows";
import { words } from "../words/en";

interface Box {
  left: number;
  top: number;
  width: number;
  height: number;
}

const LOWER_HALF: Box = { left: 0, top: 42, width: 100, height: 58 };
const LEAST = 8;
const STEP = 4;

/** A shutter over any part of the picture: moved, pulled larger or smaller, and lifted. */
export function Shutter({ lift }: { lift: () => void }) {
  const [box, setBox] = useState(LOWER_HALF);
  const grip = useRef<{ x: number; y: number; box: Box; pulls: boolean }>(undefined);
  const shutter = useRef<HTMLDivElement>(null);
  useEffect(() => shutter.current?.focus(), []);
  const hold = (event: PointerEvent, pulls: boolean) => {
    event.preventDefault();
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    grip.current = { x: event.clientX, y: event.clientY, box, pulls };
  };
  const drag = (event: PointerEvent) => {
    const { current } = grip;
    if (!current) return;
    const dx = (100 * (event.clientX - current.x)) / window.innerWidth;
    const dy = (100 * (event.clientY - current.y)) / window.innerHeight;
    setBox(changed(current.box, dx, dy, current.pulls));
  };
  const drop = () => {
    grip.current = undefined;
  };
  const onKey = (event: KeyboardEvent) => {
    const by = arrowOf(event.key);
    if (!by) return;
    event.preventDefault();
    event.stopPropagation();
    setBox(changed(box, by[0] * STEP, by[1] * STEP, event.shiftKey));
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: it groups what belongs to the shutter
    <div
      ref={shutter}
      role="group"
      tabIndex={-1}
      aria-label={words.front.shutter}
      className="shutter"
      style={{
        left: `${box.left}%`,
        top: `${box.top}%`,
        width: `${box.width}%`,
        height: `${box.height}%`,
      }}
      onKeyDown={onKey}
      onPointerDown={(event) => hold(event, false)}
      onPointerMove={drag}
      onPointerUp={drop}
      onPointerCancel={drop}
    >
      <button
        type="button"
        className="btn"
        onPointerDown={(event) => event.stopPropagation()}
        onClick={lift}
      >
        {words.front.lift}
      </button>
      <span
        aria-hidden="true"
        className="shutter-corner"
        onPointerDown={(event) => hold(event, true)}
      />
    </div>
  );
}

/** Moved by so many per cent of the screen, or pulled at its lower right corner; always in sight. */
function changed(box: Box, dx: number, dy: number, pulls: boolean): Box {
  if (pulls) {
    return {
      ...box,
      width: Math.max(LEAST, Math.min(100 - box.left, box.width + dx)),
      height: Math.max(LEAST, Math.min(100 - box.top, box.height + dy)),
    };
  }
  return {
    ...box,
    left: Math.max(0, Math.min(100 - box.width, box.left + dx)),
    top: Math.max(0, Math.min(100 - box.height, box.top + dy)),
  };
}
