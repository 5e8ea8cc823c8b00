package bravium.core.play;

import java.util.List;

/** The sums of a play so far: points, and how many questions came out how. */
public record Scorecard(int points, int right, int wrong, int missed, int asked) {

  static Scorecard of(List<Result> results, int asked) {
    return new Scorecard(
        results.stream().mapToInt(Result::points).sum(),
        count(results, Verdict.RIGHT),
        count(results, Verdict.WRONG),
        count(results, Verdict.MISSED),
        asked);
  }

  private static int count(List<Result> results, Verdict verdict) {
    return (int) results.stream().filter(r -> r.verdict() == verdict).count();
  }
}
