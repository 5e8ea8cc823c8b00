package bravium.core.activity;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.question.Basics;
import com.fasterxml.jackson.annotation.JsonIgnore;
import org.jspecify.annotations.Nullable;

/**
 * What a question is worth to the team that takes it over, and how long that team has.
 *
 * @param worth in points, 0 to {@value Basics#MOST_WORTH}; null for what the question is worth
 * @param seconds 1 to {@value Basics#MOST_SECONDS}; null for the time that the question has anyway
 */
public record TakeOver(
    @Range(min = 0, max = Basics.MOST_WORTH) @Nullable Integer worth,
    @Range(min = 1, max = Basics.MOST_SECONDS) @Nullable Integer seconds,
    @JsonIgnore Extra extra) {

  /** Checks the ranges. */
  public TakeOver {
    if (worth != null && (worth < 0 || worth > Basics.MOST_WORTH)) {
      throw new IllegalArgumentException("worth is from 0 to " + Basics.MOST_WORTH + " points");
    }
    if (seconds != null && (seconds < 1 || seconds > Basics.MOST_SECONDS)) {
      throw new IllegalArgumentException("seconds is from 1 to " + Basics.MOST_SECONDS);
    }
  }

  /** A take-over with nothing unknown in it. */
  public TakeOver(@Nullable Integer worth, @Nullable Integer seconds) {
    this(worth, seconds, Extra.NONE);
  }
}
