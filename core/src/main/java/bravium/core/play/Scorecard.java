package bravium.core.play;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The sums of a play so far: points, and how many questions came out how.
 *
 * @param points never below 0
 * @param asked how many questions there are
 * @param mistakes how many wrong answers were given
 * @param marked of how many it is or will be said at once whether they are right: all that are
 *     asked but for what is only talked about, and for answers that the teacher has not marked yet;
 *     null where that isn't known
 */
public record Scorecard(
    int points,
    int right,
    int partly,
    int wrong,
    int missed,
    int given,
    int asked,
    int mistakes,
    @Nullable Integer marked) {

  /** Sums of which it isn't said how many of the questions are marked. */
  public Scorecard(
      int points,
      int right,
      int partly,
      int wrong,
      int missed,
      int given,
      int asked,
      int mistakes) {
    this(points, right, partly, wrong, missed, given, asked, mistakes, null);
  }

  /** The sums of a play so far. */
  public static Scorecard of(Sitting sitting) {
    int[] verdicts = new int[Verdict.values().length];
    int sum = 0;
    int asked = 0;
    for (Draw.Drawn drawn : sitting.draw().questions()) {
      asked += drawn.counts() ? 1 : 0;
    }
    for (Result result : sitting.results()) {
      sum += result.points();
      if (sitting.draw().counts(result.question())) {
        verdicts[result.verdict().ordinal()]++;
      }
    }
    return new Scorecard(
        Math.max(0, sum),
        verdicts[Verdict.RIGHT.ordinal()],
        verdicts[Verdict.PARTLY.ordinal()],
        verdicts[Verdict.WRONG.ordinal()],
        verdicts[Verdict.MISSED.ordinal()],
        verdicts[Verdict.GIVEN.ordinal()],
        asked,
        mistakes(sitting));
  }

  /** How many wrong answers were given so far. */
  static int mistakes(Sitting sitting) {
    int mistakes = 0;
    for (Effort effort : sitting.efforts()) {
      mistakes += effort.mistakes();
    }
    return mistakes;
  }

  /** The sum of points, and 0 where prices took more than there was. */
  static int points(List<Result> results) {
    int points = 0;
    for (Result result : results) {
      points += result.points();
    }
    return Math.max(0, points);
  }

  /** The same sums after one item came out otherwise, with so many more points. */
  public Scorecard with(Verdict before, Verdict after, int more) {
    return new Scorecard(
        Math.max(0, points + more),
        right + change(Verdict.RIGHT, before, after),
        partly + change(Verdict.PARTLY, before, after),
        wrong + change(Verdict.WRONG, before, after),
        missed + change(Verdict.MISSED, before, after),
        given + change(Verdict.GIVEN, before, after),
        asked,
        mistakes,
        marked == null ? null : Integer.valueOf(marked - change(Verdict.GIVEN, before, after)));
  }

  private static int change(Verdict verdict, Verdict before, Verdict after) {
    return (after == verdict ? 1 : 0) - (before == verdict ? 1 : 0);
  }

  /** The same sums of so many questions. */
  public Scorecard ofSoMany(int changed) {
    return new Scorecard(points, right, partly, wrong, missed, given, changed, mistakes, marked);
  }

  /** The same, of which so many are marked. */
  public Scorecard withMarked(int changed) {
    return new Scorecard(points, right, partly, wrong, missed, given, asked, mistakes, changed);
  }

  /** The same with other points. */
  public Scorecard withPoints(int changed) {
    return new Scorecard(changed, right, partly, wrong, missed, given, asked, mistakes, marked);
  }
}
