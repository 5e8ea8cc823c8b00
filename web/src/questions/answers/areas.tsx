import type { Area, Spot } from "../../generated/types";

/** The far edge of a picture: places in it are told in thousandths of its width and height. */
export const WHOLE = 1_000;

/** A place within the picture, in whole thousandths. */
export const within = (x: number, y: number): Spot => ({ x: clamp(x), y: clamp(y) });

const clamp = (value: number) => Math.round(Math.max(0, Math.min(WHOLE, value)));

/** Where in a picture a pointer is. */
export function placeIn(picture: Element, event: { clientX: number; clientY: number }): Spot {
  const box = picture.getBoundingClientRect();
  return within(
    ((event.clientX - box.left) / box.width) * WHOLE,
    ((event.clientY - box.top) / box.height) * WHOLE,
  );
}

/** Areas over a picture. */
export function AreaLayer(props: { children: React.ReactNode }) {
  return (
    <svg
      viewBox={`0 0 ${WHOLE} ${WHOLE}`}
      preserveAspectRatio="none"
      aria-hidden="true"
      className="pointer-events-none absolute inset-0 size-full"
    >
      {props.children}
    </svg>
  );
}

/** An area of a picture. */
export function AreaShape(props: { area: Pick<Area, "form" | "corners">; className: string }) {
  const { area, className } = props;
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
