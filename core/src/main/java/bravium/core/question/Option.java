package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import org.jspecify.annotations.Nullable;

/**
 * One of the answers to pick from.
 *
 * @param id unique within its question, not blank
 * @param pinned whether it keeps its place when the options are mixed
 * @param feedback what is said to who picks it; null for the question's own words
 */
public record Option(
    String id,
    Words text,
    boolean right,
    boolean pinned,
    @Nullable Words feedback,
    @JsonIgnore Extra extra) {

  /** An option in plain text that is mixed with the others, with nothing unknown in it. */
  public Option(String id, String text, boolean right) {
    this(id, Words.of(text), right, false, null, Extra.NONE);
  }

  /** The same option, right or not. */
  public Option withRight(boolean isRight) {
    return new Option(id, text, isRight, pinned, feedback, extra);
  }

  /** The same option, pinned to its place. */
  public Option withPin() {
    return new Option(id, text, right, true, feedback, extra);
  }
}
