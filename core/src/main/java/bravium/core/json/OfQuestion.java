package bravium.core.json;

import org.jspecify.annotations.Nullable;

/**
 * A record that speaks of one question: what is marked {@link PartId} in it is of that question.
 */
public interface OfQuestion {

  /** The id of the question; null while it speaks of none. */
  @Nullable String ofQuestion();
}
