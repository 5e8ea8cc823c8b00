package bravium.core.activity;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * How long there is to answer. It stands while feedback is shown.
 *
 * @param seconds 1 to {@value #MOST_SECONDS}
 */
public record Clock(
    Per per, @Range(min = 1, max = MOST_SECONDS) int seconds, @JsonIgnore Extra extra) {

  /** The longest: three hours. */
  public static final int MOST_SECONDS = 10_800;

  /** What the time is for. */
  public enum Per {
    /** Each try at a question; running out counts as a wrong try. */
    @JsonProperty("question")
    QUESTION,
    /** The whole game; running out loses it. */
    @JsonProperty("game")
    GAME
  }

  /** Checks the range. */
  public Clock {
    if (seconds < 1 || seconds > MOST_SECONDS) {
      throw new IllegalArgumentException("seconds is from 1 to " + MOST_SECONDS);
    }
  }

  /** A clock with nothing unknown in it. */
  public Clock(Per per, int seconds) {
    this(per, seconds, Extra.NONE);
  }
}
