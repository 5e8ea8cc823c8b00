package bravium.core.measure;

import bravium.core.json.Range;

/**
 * A part of a time line.
 *
 * @param from in milliseconds from its beginning, 0 to {@value #LONGEST}
 * @param to in milliseconds from its beginning, not before {@code from}; the moment itself is no
 *     more part of it
 */
public record Stretch(
    @Range(min = 0, max = LONGEST) int from, @Range(min = 0, max = LONGEST) int to) {

  /** The longest time line, in milliseconds: a day. */
  public static final int LONGEST = 86_400_000;

  /** Checks the range. */
  public Stretch {
    if (from < 0 || to > LONGEST || from > to) {
      throw new IllegalArgumentException(
          "a stretch begins at 0 or later, ends where it begins or later, and within a day");
    }
  }

  /** How long it is, in milliseconds. */
  public int length() {
    return to - from;
  }

  /** The part of it that lies in another; of no length where none does. */
  public Stretch within(Stretch other) {
    int start = Math.clamp(from, other.from, other.to);
    return new Stretch(start, Math.clamp(to, start, other.to));
  }
}
