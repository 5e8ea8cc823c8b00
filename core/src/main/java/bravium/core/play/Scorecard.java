package bravium.core.play;

import java.util.List;

/**
 * The sums of a play so far: points, and how many questions came out how.
 *
 * @param points never below 0
 * @param asked how many questions there are
 * @param mistakes how many wrong answers were given
 */
public record Scorecard(
    int points, int right, int partly, int wrong, int missed, int given, int asked, int mistakes) {

  static Scorecard of(Sitting sitting) {
    List<Draw.Drawn> counting = sitting.draw().counting();
    List<Result> results =
        counting.stream().flatMap(d -> sitting.resultOf(d.question()).stream()).toList();
    return new Scorecard(
        points(results),
        count(results, Verdict.RIGHT),
        count(results, Verdict.PARTLY),
        count(results, Verdict.WRONG),
        count(results, Verdict.MISSED),
        count(results, Verdict.GIVEN),
        counting.size(),
        sitting.efforts().stream().mapToInt(Effort::mistakes).sum());
  }

  /** The sum of points, and 0 where prices took more than there was. */
  static int points(List<Result> results) {
    return Math.max(0, results.stream().mapToInt(Result::points).sum());
  }

  /** The same sums after one question came out otherwise. */
  Scorecard with(Showing.Told before, Showing.Told after) {
    return new Scorecard(
        Math.max(0, points + after.points() - before.points()),
        right + change(Verdict.RIGHT, before, after),
        partly + change(Verdict.PARTLY, before, after),
        wrong + change(Verdict.WRONG, before, after),
        missed + change(Verdict.MISSED, before, after),
        given + change(Verdict.GIVEN, before, after),
        asked,
        mistakes);
  }

  private static int change(Verdict verdict, Showing.Told before, Showing.Told after) {
    return (after.verdict() == verdict ? 1 : 0) - (before.verdict() == verdict ? 1 : 0);
  }

  /** The same with other points. */
  Scorecard withPoints(int changed) {
    return new Scorecard(changed, right, partly, wrong, missed, given, asked, mistakes);
  }

  private static int count(List<Result> results, Verdict verdict) {
    return (int) results.stream().filter(r -> r.verdict() == verdict).count();
  }
}
