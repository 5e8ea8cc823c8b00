package bravium.core.readiness;

import bravium.core.play.Verdict;
import bravium.core.question.Mark;
import bravium.core.question.Sorting;
import java.util.ArrayList;
import java.util.List;

/**
 * What guessing comes to where it is said between tries which cards lie wrong. What is right then
 * stays, and who guesses puts the others elsewhere than before, so that the number of right ones
 * only grows: a card is right within so many tries unless all of them hit wrong places, drawn
 * without replacement. A try brings nothing while too few are right, so that the wrong tries are
 * the first ones, and their number follows from how many were right after each.
 */
final class SortedOdds {

  private static final long MOST_STEPS = 3_000_000;

  private final Sorting sorting;
  private final int worth;
  private final int price;
  private final boolean untilRight;
  private final int cards;
  private final int tries;

  /** For each number of tries and each card, the chance that it is right within them. */
  private final double[][] within;

  SortedOdds(Sorting sorting, int worth, int price, int mostTries) {
    this.sorting = sorting;
    this.worth = worth;
    this.price = price;
    this.untilRight = mostTries == Integer.MAX_VALUE;
    int places = sorting.places().size();
    double[] first = chances(sorting);
    this.cards = first.length;
    // Who has tried every place has found the right one.
    this.tries = Math.min(mostTries, Math.max(1, places));
    this.within = new double[tries + 1][cards];
    for (int card = 0; card < cards; card++) {
      double missing = 1;
      double right = Math.floor(first[card] * places + 0.5);
      for (int k = 0; k < tries; k++) {
        double left = places - k;
        missing *= left <= right ? 0 : (left - right) / left;
        within[k + 1][card] = 1 - missing;
      }
    }
  }

  /** For each card the share of the places to which it belongs. */
  static double[] chances(Sorting sorting) {
    int places = sorting.places().size();
    return sorting.written().stream()
        .mapToDouble(card -> (double) sorting.placesOf(card).size() / places)
        .toArray();
  }

  boolean canBeFollowed() {
    return (long) cards * cards * cards * tries * tries <= MOST_STEPS;
  }

  List<GuessOdds.Guess> guesses() {
    List<GuessOdds.Guess> guesses = new ArrayList<>();
    for (int k = 1; k <= tries; k++) {
      for (int mistakes = 0; mistakes < k; mistakes++) {
        double chance = full(mistakes, k) - (mistakes + 1 < k ? full(mistakes + 1, k) : 0);
        int points = worth - mistakes * price;
        guesses.add(
            new GuessOdds.Guess(Verdict.RIGHT, points, mistakes, untilRight ? 1 : k, chance));
      }
    }
    for (int right = 0; right < cards; right++) {
      Mark mark = mark(right);
      for (int mistakes = 0; mistakes <= tries; mistakes++) {
        double chance = left(mistakes, right) - (mistakes < tries ? left(mistakes + 1, right) : 0);
        Verdict verdict = mark.earned() == 0 ? Verdict.WRONG : Verdict.PARTLY;
        int points = mark.pointsOf(worth) - mistakes * price;
        guesses.add(new GuessOdds.Guess(verdict, points, mistakes, tries, chance));
      }
    }
    return guesses;
  }

  private Mark mark(int right) {
    return Mark.of(sorting.credit(), right, cards - right, cards);
  }

  /** Right at the k-th try and not before, with at least so many wrong tries. */
  private double full(int mistakes, int k) {
    return left(joint(mistakes, k), cards) - left(joint(mistakes, k - 1), cards);
  }

  /** Not right at the end, but so many cards, with at least so many wrong tries. */
  private double left(int mistakes, int right) {
    return left(joint(mistakes, tries), right);
  }

  /** The chances of so many right cards in the end that bring nothing at first. */
  private double left(double[][] joint, int right) {
    if (joint.length == 1) {
      return joint[0][right];
    }
    double sum = 0;
    for (int first = 0; first <= right; first++) {
      sum += mark(first).earned() == 0 ? joint[first][right] : 0;
    }
    return sum;
  }

  /**
   * How many are right within m tries and within k; with m = 0, within k alone. A k below m counts
   * as m: then none can be missing that brought nothing.
   */
  private double[][] joint(int m, int k) {
    int rows = m == 0 ? 1 : cards + 1;
    double[][] p = new double[rows][cards + 1];
    p[0][0] = 1;
    int until = Math.max(m, k);
    for (int card = 0; card < cards; card++) {
      double early = m == 0 ? 0 : within[m][card];
      double late = within[until][card] - early;
      for (int first = rows - 1; first >= 0; first--) {
        for (int all = card + 1; all >= 0; all--) {
          double sum = p[first][all] * (1 - early - late);
          sum += all > 0 ? p[first][all - 1] * late : 0;
          sum += all > 0 && first > 0 ? p[first - 1][all - 1] * early : 0;
          p[first][all] = sum;
        }
      }
    }
    return p;
  }
}
