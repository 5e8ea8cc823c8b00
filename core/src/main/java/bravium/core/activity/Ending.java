package bravium.core.activity;

import bravium.core.json.Extra;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import org.jspecify.annotations.Nullable;

/**
 * What is said at one outcome.
 *
 * @param text the teacher's own words; null for the usual ones
 */
public record Ending(@Nullable Words text, @JsonIgnore Extra extra) {

  /** The usual words. */
  public static Ending usual() {
    return new Ending(null, Extra.NONE);
  }
}
