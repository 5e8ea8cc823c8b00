package bravium.core.activity;

import bravium.core.json.Extra;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The words on the buttons and at the endings, where the teacher has her own. Each has at most
 * {@value #LONGEST} characters; null for the usual ones.
 *
 * @param start begins the game
 * @param answer gives the answer
 * @param next goes on
 * @param hint asks for a hint
 * @param again plays again
 * @param won the heading of a win
 * @param lost the heading of a loss
 */
public record Wording(
    @Nullable String start,
    @Nullable String answer,
    @Nullable String next,
    @Nullable String hint,
    @Nullable String again,
    @Nullable String won,
    @Nullable String lost,
    @JsonIgnore Extra extra) {

  /** The most characters of each. */
  public static final int LONGEST = 60;

  /** Checks the lengths. */
  public Wording {
    List<String> all =
        Stream.of(start, answer, next, hint, again, won, lost).filter(Objects::nonNull).toList();
    if (all.stream().anyMatch(words -> words.length() > LONGEST)) {
      throw new IllegalArgumentException("wording has at most " + LONGEST + " characters each");
    }
  }
}
