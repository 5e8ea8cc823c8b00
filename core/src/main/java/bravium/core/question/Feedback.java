package bravium.core.question;

import org.jspecify.annotations.Nullable;

/** What is said to a right and to a wrong answer; null for the usual words. */
public record Feedback(@Nullable String right, @Nullable String wrong) {

  /** The usual words for both. */
  public static final Feedback USUAL = new Feedback(null, null);
}
