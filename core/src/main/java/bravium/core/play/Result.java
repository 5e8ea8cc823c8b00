package bravium.core.play;

import bravium.core.question.Response;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A question that is settled in a play.
 *
 * @param response the best answer; null where there was none
 * @param points what it brought: its worth's share, less prices, with bonuses; below 0 where the
 *     prices are higher
 * @param bonus how many of them are for speed or a run
 * @param comment what the teacher wrote when she marked it; null where she did not
 * @param team the place of the team whose try counts, from 0: the best, or where none earned
 *     anything the last; null where there are no teams
 * @param missedBy the places of the other teams that made a mistake at it: it ends their runs
 * @param judged what it was before the teacher marked it anew; null where she did not
 */
public record Result(
    String question,
    @Nullable Response response,
    Verdict verdict,
    int points,
    int bonus,
    @Nullable String comment,
    @Nullable Integer team,
    List<Integer> missedBy,
    @Nullable Result judged) {

  /** The result of one who plays alone. */
  public Result(
      String question,
      @Nullable Response response,
      Verdict verdict,
      int points,
      int bonus,
      @Nullable String comment) {
    this(question, response, verdict, points, bonus, comment, null, List.of(), null);
  }

  /** The same result with other points, of which none is a bonus. */
  public Result withPoints(int changed) {
    return new Result(question, response, verdict, changed, 0, comment, team, missedBy, judged);
  }

  /** The same result, which counts for a team and was missed by others; null for no team. */
  public Result by(@Nullable Integer counting, List<Integer> missed) {
    List<Integer> others = missed.stream().filter(other -> !other.equals(counting)).toList();
    return new Result(
        question, response, verdict, points, bonus, comment, counting, others, judged);
  }

  /** What Bravium found, whatever the teacher has marked since. */
  Result asJudged() {
    return judged == null ? this : judged;
  }

  /** Whether the teacher's mark says something else than what was found at once. */
  public boolean isMarkedAnew() {
    return judged != null && (judged.verdict != verdict || judged.points != points);
  }

  /** Whether a team's run goes on over it, being none of that team's; null for who is alone. */
  boolean passesBy(@Nullable Integer runner) {
    return runner != null && !runner.equals(team) && !missedBy.contains(runner);
  }
}
