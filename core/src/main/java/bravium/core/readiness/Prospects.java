package bravium.core.readiness;

import bravium.core.activity.Rules;
import bravium.core.play.PassMark;
import bravium.core.question.Question;
import java.util.List;

/**
 * What a game can come to: what wins, how far one gets who knows everything, and how far one who
 * knows nothing.
 *
 * @param byPoints whether what wins is a sum of the questions' points
 */
public record Prospects(PassMark passMark, Reach reach, Guessing guessing, boolean byPoints) {

  /** Those of a game in which the points of its questions add up. */
  public static Prospects ofPoints(Rules rules, List<Question> pool) {
    return new Prospects(
        PassMark.ofPool(rules, pool), Reach.of(pool, rules), PointsGuessed.of(pool, rules), true);
  }
}
