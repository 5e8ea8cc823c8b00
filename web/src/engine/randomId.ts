const ALPHABET = "23456789bcdfghjkmnpqrstvwxyz";

/** An id nobody can guess anything from: not the order in which it was made, not what it is for. */
export function randomId(length = 6): string {
  const bytes = crypto.getRandomValues(new Uint32Array(length));
  return Array.from(bytes, (n) => ALPHABET[n % ALPHABET.length]).join("");
}
