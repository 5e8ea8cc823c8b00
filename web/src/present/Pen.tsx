import { Eraser, Highlighter, PenLine, Undo2, X } from "lucide-react";
import { getStroke } from "perfect-freehand";
import { type PointerEvent, useState } from "react";
import { words } from "../words/en";

interface Stroke {
  points: [number, number, number][];
  light: boolean;
}

/** A pen and a highlighter over everything; leaving it keeps what was drawn until it is wiped. */
export default function Pen(props: { drawing: boolean; leave: () => void }) {
  const { drawing, leave } = props;
  const [strokes, setStrokes] = useState<Stroke[]>([]);
  const [open, setOpen] = useState<Stroke>();
  const [light, setLight] = useState(false);
  const at = (event: PointerEvent): [number, number, number] => [
    event.clientX,
    event.clientY,
    event.pressure || 0.5,
  ];
  const end = () => {
    if (open) setStrokes([...strokes, open]);
    setOpen(undefined);
  };
  return (
    <>
      <svg
        aria-hidden="true"
        className="pen-sheet"
        data-drawing={drawing}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          setOpen({ points: [at(event)], light });
        }}
        onPointerMove={(event) => open && setOpen({ ...open, points: [...open.points, at(event)] })}
        onPointerUp={end}
        onPointerCancel={end}
      >
        {[...strokes, ...(open ? [open] : [])].map((stroke, i) => (
          <path
            // biome-ignore lint/suspicious/noArrayIndexKey: strokes come one after another
            key={i}
            d={outline(stroke)}
            className={stroke.light ? "fill-accent opacity-40" : "fill-primary"}
          />
        ))}
      </svg>
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
            act={() => setStrokes(strokes.slice(0, -1))}
          />
          <Tool icon={Eraser} name={words.front.wipe} act={() => setStrokes([])} />
          <Tool icon={X} name={words.front.penLeave} act={leave} />
        </div>
      )}
    </>
  );
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

function outline({ points, light }: Stroke): string {
  const edge = getStroke(points, { size: light ? 30 : 8, thinning: light ? 0 : 0.4 });
  const [first, ...rest] = edge;
  if (!first) return "";
  return `M ${first[0]} ${first[1]} ${rest.map(([x, y]) => `L ${x} ${y}`).join(" ")} Z`;
}
