package bravium.core.games.escaperoom;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;
import org.jspecify.annotations.Nullable;

/**
 * What a wrong try and a hint cost besides points.
 *
 * @param wrong the seconds that a wrong try takes from the clock, 0 to {@value #MOST_SECONDS}
 * @param closed for how many seconds a wrong try closes its lock, 0 to {@value #MOST_SECONDS}
 * @param hint the seconds that a hint takes from the clock, 0 to {@value #MOST_SECONDS}
 * @param helpAfter after how many seconds at a lock the next hint comes by itself, free of charge,
 *     1 to {@value #LONGEST_WAIT}; null where none does
 */
public record EscapePrices(
    @Range(min = 0, max = MOST_SECONDS) int wrong,
    @Range(min = 0, max = MOST_SECONDS) int closed,
    @Range(min = 0, max = MOST_SECONDS) int hint,
    @Range(min = 1, max = LONGEST_WAIT) @Nullable Integer helpAfter,
    @JsonIgnore Extra extra) {

  /** The most seconds that anything costs. */
  public static final int MOST_SECONDS = 600;

  /** The longest wait for a hint, in seconds. */
  public static final int LONGEST_WAIT = 3_600;

  /** Nothing costs time. */
  public static final EscapePrices NONE = new EscapePrices(0, 0, 0, null, Extra.NONE);

  /** Checks the ranges. */
  public EscapePrices {
    require("wrong", 0, wrong, MOST_SECONDS);
    require("closed", 0, closed, MOST_SECONDS);
    require("hint", 0, hint, MOST_SECONDS);
    if (helpAfter != null) {
      require("helpAfter", 1, helpAfter, LONGEST_WAIT);
    }
  }

  /** The same, but a wrong try closes its lock for so many seconds. */
  EscapePrices closing(int seconds) {
    return new EscapePrices(wrong, seconds, hint, helpAfter, extra);
  }

  private static void require(String what, int least, int seconds, int most) {
    if (seconds < least || seconds > most) {
      throw new IllegalArgumentException(what + " is from " + least + " to " + most + " seconds");
    }
  }
}
