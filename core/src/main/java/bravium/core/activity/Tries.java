package bravium.core.activity;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;
import org.jspecify.annotations.Nullable;

/**
 * How often a question may be tried.
 *
 * @param most the most tries, {@value #FEWEST} to {@value #MOST}; null for {@value #FEWEST}; of no
 *     matter until right
 */
public record Tries(
    Again again, @Range(min = FEWEST, max = MOST) @Nullable Integer most, @JsonIgnore Extra extra) {

  /** One try is no rule. */
  public static final int FEWEST = 2;

  /** More is "until right". */
  public static final int MOST = 10;

  /** When a question is tried again. */
  public enum Again {
    /** At once. */
    @JsonProperty("at-once")
    AT_ONCE,
    /** Later, when the others have had their turn. */
    @JsonProperty("later")
    LATER,
    /** At once, until it is right. */
    @JsonProperty("until-right")
    UNTIL_RIGHT
  }

  /** Checks the range. */
  public Tries {
    if (most != null && (most < FEWEST || most > MOST)) {
      throw new IllegalArgumentException("most is from " + FEWEST + " to " + MOST + " tries");
    }
  }

  /** Tries with nothing unknown in them. */
  public Tries(Again again, @Nullable Integer most) {
    this(again, most, Extra.NONE);
  }
}
