const STORED = "bravium.comments";
const MOST = 40;

/** The comments that were given on this device, to be used again; the newest first. */
export function commentsBefore(): string[] {
  try {
    const kept = JSON.parse(localStorage.getItem(STORED) ?? "[]");
    return Array.isArray(kept) ? kept.filter((one) => typeof one === "string") : [];
  } catch {
    return [];
  }
}

/** Keeps a comment for use again. */
export function keepComment(comment: string) {
  const others = commentsBefore().filter((one) => one !== comment);
  try {
    localStorage.setItem(STORED, JSON.stringify([comment, ...others].slice(0, MOST)));
  } catch {
    // Without storage it is typed again.
  }
}
