package bravium.core.readiness;

import bravium.core.question.Option;
import bravium.core.question.Question;
import java.util.List;

/**
 * What guessing alone brings: the exact distribution of right answers when each question asked is
 * answered by picking any of its options, averaged over the draws. For questions that are all asked
 * this is the Poisson binomial distribution; where they are drawn, each draw is equally likely.
 *
 * <p>One pass over the questions, O(questions × asked²) steps at most.
 */
final class Guessing {

  private static final double BILLION = 1e9;

  private final double[] chances;

  private Guessing(double[] chances) {
    this.chances = chances;
  }

  /** Guessing at {@code asked} questions drawn from these. */
  static Guessing at(List<Question> pool, int asked) {
    int n = pool.size();
    double[][] p = new double[asked + 1][asked + 1];
    p[0][0] = 1;
    for (int seen = 0; seen < n; seen++) {
      double right = chance(pool.get(seen));
      int left = n - seen;
      for (int drawn = Math.min(seen, asked); drawn >= Math.max(0, asked - left); drawn--) {
        double taken = (double) (asked - drawn) / left;
        for (int r = drawn; r >= 0; r--) {
          double mass = p[drawn][r];
          if (taken > 0) {
            p[drawn + 1][r + 1] += mass * taken * right;
            p[drawn + 1][r] += mass * taken * (1 - right);
          }
          p[drawn][r] = mass * (1 - taken);
        }
      }
    }
    return new Guessing(p[asked]);
  }

  /** The chance of at least that many right, from 0 to 1. */
  double atLeast(int right) {
    double sum = 0;
    for (int r = chances.length - 1; r >= right; r--) {
      sum += chances[r];
    }
    return Math.min(1, sum);
  }

  /** The chance of at least that many right, in billionths, rounded half up. */
  long billionths(int right) {
    return (long) Math.floor(atLeast(right) * BILLION + 0.5);
  }

  private static double chance(Question question) {
    List<Option> choices = question.choices();
    long right = choices.stream().filter(Option::right).count();
    return (double) right / choices.size();
  }
}
