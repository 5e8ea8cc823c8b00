/** The text of a file of captions: as UTF-8 or UTF-16 where it is; what Windows once wrote is neither. */
export function decoded(file: ArrayBuffer): string {
  const [first, second] = new Uint8Array(file);
  if (first === 0xff && second === 0xfe) return new TextDecoder("utf-16le").decode(file);
  if (first === 0xfe && second === 0xff) return new TextDecoder("utf-16be").decode(file);
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(file);
  } catch {
    return new TextDecoder("windows-1252").decode(file);
  }
}
