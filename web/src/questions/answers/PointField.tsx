import { type KeyboardEvent, type MouseEvent, useRef } from "react";
import type { Area } from "../../generated/types";
import { words } from "../../words/en";
import { type AnswerProps, isClosed } from "./AnswerField";

const WHOLE = 1_000;
const STEP = 20;

/** A picture with a place to point at: by a press, or with a crosshair that the arrow keys move. */
export function PointField(props: AnswerProps) {
  const { question, showing, given, give } = props;
  const picture = useRef<HTMLImageElement>(null);
  const said = showing.feedback?.response ?? given;
  const at = said?.kind === "pointed" ? said : undefined;
  const closed = isClosed(props);
  const point = (x: number, y: number) => give({ kind: "pointed", x: within(x), y: within(y) });
  const press = (event: MouseEvent) => {
    const box = picture.current?.getBoundingClientRect();
    if (closed || !box || event.detail === 0) return;
    point(
      ((event.clientX - box.left) / box.width) * WHOLE,
      ((event.clientY - box.top) / box.height) * WHOLE,
    );
  };
  const onKey = (event: KeyboardEvent) => {
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[
      event.key
    ];
    if (!by || closed) return;
    event.preventDefault();
    const step = event.shiftKey ? STEP * 5 : STEP;
    point((at?.x ?? WHOLE / 2) + (by[0] ?? 0) * step, (at?.y ?? WHOLE / 2) + (by[1] ?? 0) * step);
  };
  if (!question.picture) return null;
  return (
    <div className="flex min-h-0 flex-1 flex-col items-center gap-[0.3em]">
      <p className="text-soft">{words.game.pointHow}</p>
      <button
        type="button"
        aria-label={words.game.pointLabel(question.picture.alt, at?.x, at?.y)}
        aria-disabled={closed}
        onClick={press}
        onKeyDown={onKey}
        className="relative w-fit max-w-full cursor-crosshair rounded-[4px] border-2 border-line"
      >
        <img
          ref={picture}
          src={`/pictures/${question.picture.name}.svg`}
          alt=""
          className="stage-picture block max-w-full"
        />
        <svg
          viewBox={`0 0 ${WHOLE} ${WHOLE}`}
          preserveAspectRatio="none"
          aria-hidden="true"
          className="pointer-events-none absolute inset-0 size-full"
        >
          {showing.feedback?.areas.map((area) => (
            <AreaShape key={area.id} area={area} className="fill-success/25 stroke-success" />
          ))}
        </svg>
        {at && (
          <span
            aria-hidden="true"
            style={{ left: `${at.x / 10}%`, top: `${at.y / 10}%` }}
            className="pointer-events-none absolute size-10 -translate-1/2 rounded-full border-4 border-base-content bg-accent/60 outline-3 outline-base-100"
          />
        )}
      </button>
      <p className="sr-only" role="status">
        {at && words.game.pointedAt(at.x, at.y)}
      </p>
    </div>
  );
}

const within = (value: number) => Math.round(Math.max(0, Math.min(WHOLE, value)));

/** An area of a picture, in thousandths of its size. */
export function AreaShape({ area, className }: { area: Area; className: string }) {
  const [a, b] = area.corners;
  if (!a || !b) return null;
  const shared = { className, strokeWidth: 3, vectorEffect: "non-scaling-stroke" };
  const [x, y] = [Math.min(a.x, b.x), Math.min(a.y, b.y)];
  const [w, h] = [Math.abs(a.x - b.x), Math.abs(a.y - b.y)];
  switch (area.form) {
    case "rectangle":
      return <rect x={x} y={y} width={w} height={h} {...shared} />;
    case "ellipse":
      return <ellipse cx={x + w / 2} cy={y + h / 2} rx={w / 2} ry={h / 2} {...shared} />;
    case "polygon":
      return <polygon points={area.corners.map((c) => `${c.x},${c.y}`).join(" ")} {...shared} />;
  }
}
