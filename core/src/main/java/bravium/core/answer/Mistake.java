package bravium.core.answer;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import org.jspecify.annotations.Nullable;

/**
 * A wrong answer that the teacher expects, with what she says to it.
 *
 * @param feedback null for what is said to any wrong answer
 */
public record Mistake(
    @Range(longest = 500) String text, @Nullable Words feedback, @JsonIgnore Extra extra) {

  /** A mistake with plain feedback and nothing unknown in it. */
  public Mistake(String text, @Nullable String feedback) {
    this(text, Words.orNull(feedback), Extra.NONE);
  }
}
