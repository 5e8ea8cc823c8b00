import { type KeyboardEvent, type PointerEvent, useRef, useState } from "react";
import { words } from "../words/en";

const KEY = "bravium.split";
const LEAST = 30;
const MOST = 70;
const USUAL = 46;

const within = (share: number) => Math.round(Math.min(MOST, Math.max(LEAST, share)));

/** The share of the sheet's side in per cent, remembered on this device. */
export function useSplit() {
  const [share, setShare] = useState(() => within(Number(localStorage.getItem(KEY)) || USUAL));
  const keep = (next: number) => {
    setShare(within(next));
    localStorage.setItem(KEY, String(within(next)));
  };
  return { share, keep };
}

/** The line between the sheet and the live game: drag it, or move it with the arrow keys. */
export function Split(props: { share: number; keep: (share: number) => void }) {
  const { share, keep } = props;
  const handle = useRef<HTMLDivElement>(null);
  const drag = (event: PointerEvent) => {
    const frame = handle.current?.parentElement?.getBoundingClientRect();
    if (frame && event.buttons === 1) keep(((event.clientX - frame.left) / frame.width) * 100);
  };
  const onKey = (event: KeyboardEvent) => {
    const to = { ArrowLeft: share - 2, ArrowRight: share + 2, Home: LEAST, End: MOST }[event.key];
    if (to === undefined) return;
    event.preventDefault();
    keep(to);
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: a separator that moves is no horizontal rule
    <div
      ref={handle}
      role="separator"
      aria-orientation="vertical"
      aria-label={words.build.split}
      aria-valuemin={LEAST}
      aria-valuemax={MOST}
      aria-valuenow={share}
      tabIndex={0}
      title={words.build.split}
      onKeyDown={onKey}
      onDoubleClick={() => keep(USUAL)}
      onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
      onPointerMove={drag}
      className="group hidden w-3 cursor-col-resize touch-none place-items-center border-l border-line bg-base-200 lg:grid"
    >
      <span
        aria-hidden="true"
        className="h-10 w-1 rounded-full bg-edge group-hover:bg-primary group-focus-visible:bg-primary"
      />
    </div>
  );
}
