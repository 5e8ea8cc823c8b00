package bravium.core.activity;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;

/**
 * How long the teacher expects her class to think over a question of one kind, once it is read.
 *
 * @param kind the question's kind, as in the format
 * @param seconds 0 to {@value #MOST_SECONDS}
 */
public record Thinking(
    String kind, @Range(min = 0, max = MOST_SECONDS) int seconds, @JsonIgnore Extra extra) {

  /** The longest that can be said: ten minutes. */
  public static final int MOST_SECONDS = 600;

  /** Checks the range. */
  public Thinking {
    if (seconds < 0 || seconds > MOST_SECONDS) {
      throw new IllegalArgumentException("seconds is from 0 to " + MOST_SECONDS);
    }
  }
}
