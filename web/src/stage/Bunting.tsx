import { memo } from "react";
import type { Marker, Shape, State } from "../generated/types";
import { useSize } from "../ui/useSize";
import { words } from "../words/learner";
import { type Hanging, hang } from "./buntingLayout";
import { FLAGS, SIGN_COLOURS } from "./flags";
import { MARKER_SIGNS } from "./markerSigns";

/** From the upper right corner round to the upper left one. */
const OUTLINES: Record<Shape, (w: number, h: number) => string> = {
  pennant: (w, h) => `v ${h * 0.68} l ${-w / 2} ${h * 0.32} l ${-w / 2} ${-h * 0.32}`,
  swallowtail: (w, h) => `v ${h} l ${-w / 2} ${-h * 0.24} l ${-w / 2} ${h * 0.24}`,
  lantern: (w, h) => `v ${h * 0.5} a ${w / 2} ${h * 0.5} 0 0 1 ${-w} 0`,
};

/** On a screen this wide the back row reads along: smaller numbers are left out. */
const PROJECTOR = 1_000;
const LEAST_ON_PROJECTOR = 28;

interface BuntingProps {
  markers: Marker[];
  shape?: Shape;
  /** Where something else needs the height. */
  small?: boolean;
}

/** Progress markers as a string of pennants; each has a name, a sign and a colour. */
export const Bunting = memo(function Bunting(props: BuntingProps) {
  const { markers, shape = "pennant", small = false } = props;
  const [ref, { width }] = useSize<HTMLDivElement>();
  const { rows, height } = hang(markers.length, width, small);
  return (
    <div ref={ref} className="w-full shrink-0">
      <svg width={width} height={height} aria-hidden="true" className="block">
        {rows.map((row) => (
          <g key={row.first}>
            <path d={row.string} className="fill-none stroke-soft" strokeWidth={2} />
            {row.hangings.map((hanging, i) => {
              const marker = markers[row.first + i];
              return (
                marker && (
                  <Pennant
                    key={marker.question}
                    hanging={hanging}
                    question={marker.question}
                    state={marker.state}
                    shape={shape}
                    number={row.first + i + 1}
                    numbered={width < PROJECTOR || hanging.width * 0.45 >= LEAST_ON_PROJECTOR}
                  />
                )
              );
            })}
          </g>
        ))}
      </svg>
      <ol className="sr-only">
        {markers.map((marker, i) => (
          <li key={marker.question}>{words.game.marker(i + 1, marker.state)}</li>
        ))}
      </ol>
    </div>
  );
}, hangsTheSame);

/** Each showing brings its markers anew, and most of the time they are as they were. */
function hangsTheSame(before: BuntingProps, after: BuntingProps) {
  return (
    before.shape === after.shape &&
    before.small === after.small &&
    before.markers.length === after.markers.length &&
    before.markers.every(({ question, state }, i) => {
      const now = after.markers[i];
      return question === now?.question && state === now.state;
    })
  );
}

function Pennant(props: {
  hanging: Hanging;
  question: string;
  state: State;
  number: number;
  numbered: boolean;
  shape: Shape;
}) {
  const { hanging, state, number, numbered } = props;
  const sign = MARKER_SIGNS[state];
  const scale = state === "now" ? 1.25 : 1;
  const w = hanging.width * scale;
  const h = w * 1.25;
  const left = hanging.x - w / 2;
  const { y } = hanging;
  return (
    <g data-state={state} data-about={`marker ${props.question}`}>
      <path
        d={`M ${left} ${y} h ${w} ${OUTLINES[props.shape](w, h)} z`}
        strokeWidth={1.75}
        strokeLinejoin="round"
        className={FLAGS[state]}
      />
      <text
        visibility={sign || numbered ? "visible" : "hidden"}
        x={hanging.x}
        y={y + h * 0.42}
        textAnchor="middle"
        dominantBaseline="central"
        fontSize={w * (sign ? 0.56 : 0.45)}
        className={`font-display font-semibold ${SIGN_COLOURS[state]}`}
      >
        {sign || number}
      </text>
    </g>
  );
}
