package bravium.core.play;

import bravium.core.activity.Rules;

/**
 * What a pass mark means for a number of questions, in whole points and whole questions.
 *
 * @param percent the pass mark, 0 to 100
 * @param asked how many questions are asked
 * @param worth the points of each
 * @param possible the points of all
 * @param needed the fewest points that win: the share rounded up to a whole point
 * @param rightNeeded the fewest right answers that bring them
 */
public record PassMark(
    int percent, int asked, int worth, int possible, int needed, int rightNeeded) {

  /** The pass mark of these rules when that many questions are asked. All in integers, exact. */
  public static PassMark of(Rules rules, int asked) {
    int possible = asked * rules.worth();
    int needed = (int) ceilDivide((long) possible * rules.passMark(), 100);
    int right = rules.worth() == 0 ? 0 : (int) ceilDivide(needed, rules.worth());
    return new PassMark(rules.passMark(), asked, rules.worth(), possible, needed, right);
  }

  private static long ceilDivide(long value, long by) {
    return (value + by - 1) / by;
  }
}
