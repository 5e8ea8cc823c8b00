package bravium.core.play.showing;

import bravium.core.play.Verdict;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How hard questions proved: the share of games in which they were answered right, which the trade
 * calls an item's difficulty (common practice). What was not settled in a game says nothing there.
 */
public final class Hardness {

  private Hardness() {}

  /** How often a question was settled, and how often right. */
  private record Tally(int settled, int right) {

    Tally with(Verdict verdict) {
      return new Tally(settled + 1, right + (verdict == Verdict.RIGHT ? 1 : 0));
    }

    /** Right answers in millionths, rounded down. */
    long share() {
      return 1_000_000L * right / settled;
    }
  }

  /**
   * The ids of the questions that were settled in these games, the hardest last; of equals the one
   * that was met first comes first. What waits for a mark is left out.
   */
  public static List<String> fromEasy(List<Review> games) {
    Map<String, Tally> tallies = new LinkedHashMap<>();
    for (Review game : games) {
      for (Review.Reviewed answer : game.answers()) {
        if (answer.told().verdict() != Verdict.GIVEN) {
          Tally before = tallies.getOrDefault(answer.question().id(), new Tally(0, 0));
          tallies.put(answer.question().id(), before.with(answer.told().verdict()));
        }
      }
    }
    List<String> ids = new ArrayList<>(tallies.keySet());
    ids.sort(Comparator.comparing((String id) -> -tallies.get(id).share()));
    return List.copyOf(ids);
  }
}
