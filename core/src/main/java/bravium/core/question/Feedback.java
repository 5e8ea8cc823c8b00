package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import org.jspecify.annotations.Nullable;

/** What is said to a right and to a wrong answer; null for the usual words. */
public record Feedback(@Nullable Words right, @Nullable Words wrong, @JsonIgnore Extra extra) {

  /** The usual words for both. */
  public static final Feedback USUAL = new Feedback(null, null);

  /** Feedback in plain text, with nothing unknown in it. */
  public Feedback(@Nullable String right, @Nullable String wrong) {
    this(Words.orNull(right), Words.orNull(wrong), Extra.NONE);
  }
}
