/** Figures and names as they read in a sentence. */

const rules = new Intl.PluralRules("en-GB");

/** The form that goes with a number, by the language's own rules. */
export const formOf = (n: number, one: string, other: string) =>
  rules.select(n) === "one" ? one : other;

/** A number with what it counts. */
export const plural = (n: number, one: string, many = `${one}s`) => `${n} ${formOf(n, one, many)}`;

/** Several names in a sentence. */
export const list = (names: string[]) =>
  names.length < 2 ? names.join("") : `${names.slice(0, -1).join(", ")} and ${names.at(-1)}`;

export const yearName = (year: number) => (year === 0 ? "Reception" : `Year ${year}`);

export const minutes = (seconds: number) => Math.max(1, Math.round(seconds / 60));

/** Two minutes and more are said in minutes. */
export const MANY_SECONDS = 120;

/** A length of time in seconds, as a teacher would say it. */
export const lasting = (seconds?: string) =>
  Number(seconds) < MANY_SECONDS
    ? plural(Number(seconds), "second")
    : plural(minutes(Number(seconds)), "minute");

/** A chance in billionths as one in so many: “one time in 9”. */
export const oneIn = (billionths: number) => `one time in ${Math.round(1e9 / billionths)}`;

export const day = (when: Date) =>
  when.toLocaleDateString("en-GB", { day: "numeric", month: "long" });

export const time = (when: Date) =>
  when.toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" });

/** “today, 10:42”, or “23 November, 10:42”. */
export const whenWords = (when: Date) =>
  `${new Date().toDateString() === when.toDateString() ? "today" : day(when)}, ${time(when)}`;

/** A length of time as a clock shows it: “1:05”. */
export const clockTime = (seconds: number) =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, "0")}`;

/** A day at the school, as it is kept: “2026-12-01”. */
export function schoolDay(date: string, weekday: "long" | "short" = "long"): string {
  const [year, month, day] = date.split("-").map(Number);
  return new Date(Date.UTC(year ?? 0, (month ?? 1) - 1, day ?? 1)).toLocaleDateString("en-GB", {
    weekday,
    day: "numeric",
    month: "long",
    timeZone: "UTC",
  });
}

/** A day and an hour at the school, as they are kept: “2026-12-01T08:00”. */
export function schoolTime(moment: string): string {
  const [date = "", hour = ""] = moment.split("T");
  return `${schoolDay(date, "short")}, ${hour.slice(0, 5)}`;
}
