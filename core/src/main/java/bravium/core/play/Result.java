package bravium.core.play;

import bravium.core.question.Response;
import org.jspecify.annotations.Nullable;

/**
 * A question that is settled in a play.
 *
 * @param response the best answer; null where there was none
 * @param points what it brought: its worth's share, less prices, with bonuses; below 0 where the
 *     prices are higher
 * @param bonus how many of them are for speed or a run
 * @param comment what the teacher wrote when she marked it; null where she did not
 * @param team the place of the team that answered last, from 0; null where there are no teams
 */
public record Result(
    String question,
    @Nullable Response response,
    Verdict verdict,
    int points,
    int bonus,
    @Nullable String comment,
    @Nullable Integer team) {

  /** The result of one who plays alone. */
  public Result(
      String question,
      @Nullable Response response,
      Verdict verdict,
      int points,
      int bonus,
      @Nullable String comment) {
    this(question, response, verdict, points, bonus, comment, null);
  }

  /** The same result with other points, of which none is a bonus. */
  public Result withPoints(int changed) {
    return new Result(question, response, verdict, changed, 0, comment, team);
  }

  Result by(@Nullable Integer answering) {
    return new Result(question, response, verdict, points, bonus, comment, answering);
  }
}
