import type { Figure } from "../generated/types";
import { drawingOf } from "./drawing";
import { shapeOf } from "./FigureView";
import { figureWords } from "./figureWords";

/** Above so many parts the lines of the common cut would hide the figure. */
const MOST_LINES = 72;

/**
 * One figure laid over another: what is shaded in the first as a plane, in the second as an outline,
 * and the cut that shows both.
 */
export function Laid(props: { first: Figure; second: Figure; cut: number }) {
  const { first, second, cut } = props;
  const same = first.shape === second.shape && first.shape !== "set";
  const wholes = Math.max(first.wholes ?? 1, second.wholes ?? 1);
  const shape = same ? first.shape : "bar";
  const plain = (figure: Figure): Figure => ({
    shape,
    parts: figure.parts,
    wholes,
    rows: 1,
    shaded: figure.shaded.map((_, place) => place),
  });
  const below = drawingOf(plain(first));
  const above = drawingOf(plain(second));
  const common = drawingOf({ shape, parts: cut, wholes, rows: 1, shaded: [] });
  return (
    <svg
      role="img"
      aria-label={figureWords.laid(first, second, cut)}
      viewBox={`0 0 ${below.width} ${below.height}`}
      className="figure"
      style={shapeOf(below.width, below.height)}
      data-shape={shape}
    >
      {/* Below the parts, so that each of them loses as much to the ink around it. */}
      {below.wholes.map((path) => (
        <path key={path} d={path} className="figure-whole" />
      ))}
      {below.parts.map((path, place) => (
        <path
          key={path}
          d={path}
          className="figure-part"
          data-shaded={place < first.shaded.length}
        />
      ))}
      {cut <= MOST_LINES &&
        common.parts.map((path) => <path key={path} d={path} className="figure-cuts" />)}
      {above.parts
        .filter((_, place) => place < second.shaded.length)
        .map((path) => (
          <path key={path} d={path} className="figure-laid" />
        ))}
    </svg>
  );
}
