/** Moments of a film, in milliseconds, as they are written: minutes, seconds and a tenth. */
export function momentWords(millis: number, tenths = false): string {
  const all = tenths ? Math.round(millis / 100) / 10 : Math.floor(millis / 1000);
  const hours = Math.floor(all / 3600);
  const minutes = Math.floor(all / 60) % 60;
  const seconds = all % 60;
  const two = (n: number) => String(Math.floor(n)).padStart(2, "0");
  const part = tenths && Math.round(all * 10) % 10 > 0 ? `.${Math.round(all * 10) % 10}` : "";
  return `${hours > 0 ? `${hours}:${two(minutes)}` : minutes}:${two(seconds)}${part}`;
}

/** A moment as somebody writes it: 1:05, 65, 1:05.2, 0:01:05; nothing where it is none. */
export function momentOf(text: string): number | undefined {
  const found = /^\s*(?:(?:(\d{1,2}):)?(\d{1,3}):)?(\d{1,5})(?:[.,](\d{1,3}))?\s*$/.exec(text);
  if (!found) return undefined;
  const [, hours = "0", minutes, seconds = "0", part = ""] = found;
  if (minutes !== undefined && Number(seconds) > 59) return undefined;
  const whole = (Number(hours) * 60 + Number(minutes ?? 0)) * 60 + Number(seconds);
  return whole * 1000 + Number(part.padEnd(3, "0").slice(0, 3));
}
