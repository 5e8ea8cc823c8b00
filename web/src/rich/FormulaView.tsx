import katex from "katex";
import "katex/dist/katex.min.css";
import { memo, useEffect, useRef } from "react";

/** How far a formula may go: its size in em, and how often a macro may unfold. */
const BOUNDS = { maxSize: 20, maxExpand: 200 };

/**
 * A formula, drawn for the eye and as MathML for screen readers. What TeX does not understand stands
 * as it was typed, with a sign.
 */
export default memo(function FormulaView({ tex }: { tex: string }) {
  const ref = useRef<HTMLSpanElement>(null);
  useEffect(() => {
    if (ref.current) {
      katex.render(tex, ref.current, {
        throwOnError: false,
        strict: "ignore",
        output: "htmlAndMathml",
        ...BOUNDS,
      });
    }
  }, [tex]);
  return <span ref={ref} data-formula={tex} />;
});
