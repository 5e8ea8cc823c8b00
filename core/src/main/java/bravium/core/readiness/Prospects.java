package bravium.core.readiness;

import bravium.core.activity.Activity;
import bravium.core.activity.Rules;
import bravium.core.play.Draw;
import bravium.core.play.PassMark;
import bravium.core.question.Question;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a game can come to: what wins, how far one gets who knows everything, how far one who knows
 * nothing, and how long it takes.
 *
 * @param passMark null where no share of the points wins
 * @param winnable whether one who knows everything wins
 * @param reach what she reaches; null where no share of the points wins
 * @param byPoints whether what wins is a sum of the questions' points
 * @param time null while that can't be said
 * @param askable how many questions can be asked, or other items found
 */
public record Prospects(
    @Nullable PassMark passMark,
    Winnable winnable,
    @Nullable Reach reach,
    Guessing guessing,
    boolean byPoints,
    @Nullable TimeLine time,
    int askable) {

  /** Those of a game in which the points of its questions add up. */
  public static Prospects ofPoints(Activity activity, List<Question> pool) {
    Rules rules = activity.rules();
    return ofQuestions(
        activity,
        pool,
        PassMark.ofPool(rules, pool),
        Reach.of(pool, rules),
        PointsGuessed.of(pool, rules),
        true);
  }

  /** Those of a game that asks questions. */
  public static Prospects ofQuestions(
      Activity activity,
      List<Question> pool,
      PassMark passMark,
      Reach reach,
      Guessing guessing,
      boolean byPoints) {
    int asked = Draw.asked(activity.rules(), pool.size());
    TimeLine time = TimeLine.of(activity, pool, asked);
    return new Prospects(passMark, reach.winnable(), reach, guessing, byPoints, time, pool.size());
  }

  /** Those of a game that is not won by a share of the points. */
  public static Prospects ofItself(
      Winnable winnable, Guessing guessing, @Nullable TimeLine time, int items) {
    return new Prospects(null, winnable, null, guessing, false, time, items);
  }
}
