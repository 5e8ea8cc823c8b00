package bravium.core.play;

import bravium.core.json.Range;
import bravium.core.json.Root;
import org.jspecify.annotations.Nullable;

/**
 * What is settled when a play begins.
 *
 * @param seed any text; all chance of the play comes from it
 * @param at when it was opened, in milliseconds since 1970
 * @param rehearsal true where the teacher tries her game out: unfinished questions are asked too,
 *     every question can be gone to, and the clock stands
 * @param time how much of the usual time there is, in per cent, 100 to {@value #MOST_TIME}; null
 *     for the usual
 */
@Root
public record Opening(
    String seed,
    long at,
    boolean rehearsal,
    @Range(min = 100, max = MOST_TIME) @Nullable Integer time) {

  /** Ten times the usual. */
  public static final int MOST_TIME = 1_000;

  /** Checks the range. */
  public Opening {
    if (time != null && (time < 100 || time > MOST_TIME)) {
      throw new IllegalArgumentException("time is from 100 to " + MOST_TIME + " per cent");
    }
  }

  /** An opening with the usual time. */
  public Opening(String seed, long at, boolean rehearsal) {
    this(seed, at, rehearsal, null);
  }

  /** So many seconds for who plays here, in milliseconds. */
  public long millis(int seconds) {
    return seconds * 10L * (time == null ? 100 : time);
  }
}
