/** As many stand below one another; a projector has the height for them, and a phone scrolls. */
const BELOW = 4;
/** The same where the question itself takes several lines. */
const BELOW_LONG = 3;

/** In how many columns options stand: in one while the height allows; pictures stand side by side. */
export function columns(texts: string[], pictures = false, long = false): 1 | 2 | 3 {
  if (pictures) return texts.length === 3 ? 3 : 2;
  const longest = Math.max(0, ...texts.map((text) => text.length));
  if (texts.length <= (long ? BELOW_LONG : BELOW)) return 1;
  return longest <= (texts.length > 5 ? 70 : 42) ? 2 : 1;
}
