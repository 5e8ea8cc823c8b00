package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import org.jspecify.annotations.Nullable;

/**
 * What is said to an answer; null for the usual words.
 *
 * @param right to a right one
 * @param wrong to one that is not right, once no try is left: it may tell what would have been
 * @param again to one that is not right yet, while another try is left
 */
public record Feedback(
    @Nullable Words right, @Nullable Words wrong, @Nullable Words again, @JsonIgnore Extra extra) {

  /** The usual words for both. */
  public static final Feedback USUAL = new Feedback(null, null);

  /** Feedback in plain text, with nothing unknown in it. */
  public Feedback(@Nullable String right, @Nullable String wrong) {
    this(Words.orNull(right), Words.orNull(wrong), Extra.NONE);
  }

  /** Feedback with nothing of its own to say while another try is left. */
  public Feedback(@Nullable Words right, @Nullable Words wrong, Extra extra) {
    this(right, wrong, null, extra);
  }
}
