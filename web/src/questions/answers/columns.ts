/** In how many columns options stand, as their number and length ask; pictures stand side by side. */
export function columns(texts: string[], pictures = false): 1 | 2 | 3 {
  if (pictures) return texts.length === 3 ? 3 : 2;
  const longest = Math.max(0, ...texts.map((text) => text.length));
  if (texts.length === 3 && longest <= 14) return 3;
  if (longest <= 42 && texts.length !== 3) return texts.length === 1 ? 1 : 2;
  if (texts.length > 5 && longest <= 70) return 2;
  return 1;
}
