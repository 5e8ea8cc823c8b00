package bravium.core.games.picturereveal;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;
import org.jspecify.annotations.Nullable;

/**
 * What a guess at the whole picture brings.
 *
 * @param first its worth while all is covered, in points, 0 to {@value #MOST_WORTH}
 * @param less how much less for each lifted piece, 0 to {@value #MOST_WORTH}; it is never worth
 *     less than nothing
 * @param most how many guesses there are, for each team where teams play, 1 to {@value
 *     #MOST_GUESSES}; null for any number
 * @param anyTeam whether any team may guess, the teacher saying which; otherwise the one whose turn
 *     it is
 */
public record GuessRule(
    @Range(min = 0, max = MOST_WORTH) int first,
    @Range(min = 0, max = MOST_WORTH) int less,
    @Range(min = 1, max = MOST_GUESSES) @Nullable Integer most,
    boolean anyTeam,
    @JsonIgnore Extra extra) {

  /** The most that a guess can be worth. */
  public static final int MOST_WORTH = 10_000;

  /** The most guesses that can be allowed; any number is more. */
  public static final int MOST_GUESSES = 20;

  /** Checks the ranges. */
  public GuessRule {
    if (first < 0 || first > MOST_WORTH || less < 0 || less > MOST_WORTH) {
      throw new IllegalArgumentException("a guess is worth from 0 to " + MOST_WORTH);
    }
    if (most != null && (most < 1 || most > MOST_GUESSES)) {
      throw new IllegalArgumentException("guesses are from 1 to " + MOST_GUESSES);
    }
  }

  /** 100 points at once, 10 less for each piece, as often as wanted. */
  public static GuessRule usual() {
    return new GuessRule(100, 10, null, false, Extra.NONE);
  }

  /** What a right guess brings after so many lifted pieces. */
  public int worth(int lifted) {
    return (int) Math.max(0, first - (long) less * lifted);
  }
}
