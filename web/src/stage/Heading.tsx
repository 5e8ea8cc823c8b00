import { useEffect, useRef } from "react";
import { Rich } from "../rich/Rich";
import { plainOf, type Words } from "../rich/words";
import { LONG_TEXT } from "./stage";

/** The stage's heading; where the stage owns the page, it takes the focus at each turn. */
export function Heading(props: {
  children: Words;
  turn: string;
  /** What of the sheet it shows. */
  about: string;
  takesFocus?: boolean;
  /** Where something else is what the eye should meet first. */
  lesser?: boolean;
}) {
  const { children, turn, about, takesFocus, lesser } = props;
  const ref = useRef<HTMLHeadingElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the focus moves with each turn
  useEffect(() => {
    if (takesFocus) ref.current?.focus({ preventScroll: true });
  }, [takesFocus, turn]);
  return (
    <h2
      ref={ref}
      tabIndex={-1}
      data-read
      data-inked="text"
      className="stage-question outline-none"
      data-long={lesser || plainOf(children).length > LONG_TEXT}
      data-about={about}
    >
      <Rich words={children} />
    </h2>
  );
}
