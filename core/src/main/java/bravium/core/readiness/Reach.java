package bravium.core.readiness;

import bravium.core.activity.Bonus;
import bravium.core.activity.Rules;
import bravium.core.play.Draw;
import bravium.core.question.Marking;
import bravium.core.question.Question;
import java.util.Comparator;
import java.util.List;

/**
 * What a learner reaches who answers everything as well as it can be answered, and at once: in the
 * least lucky draw if every draw can be won or only some, otherwise in the luckiest. What nobody
 * can get right costs her a life, and the price of a wrong answer.
 *
 * @param points within reach in that draw
 * @param possible the points that draw is worth
 * @param needed the points that win it
 */
public record Reach(Winnable winnable, int points, int possible, int needed) {

  /**
   * What a question does to a draw: it adds to what is above the line or below, points × 100 -
   * worth × pass mark.
   */
  private record Share(int points, int worth, int above, boolean runs, boolean lost) {}

  static Reach of(List<Question> pool, Rules rules) {
    int asked = Draw.asked(rules, pool.size());
    List<Share> shares =
        pool.stream()
            .map(q -> share(q, rules))
            .sorted(Comparator.comparingInt(Share::above))
            .toList();
    int lost = (int) shares.stream().filter(Share::lost).count();
    int lives = rules.lives() == null ? Integer.MAX_VALUE : rules.lives();
    int mostLost = Math.min(lost, asked);
    int leastLost = Math.max(0, asked - (pool.size() - lost));
    Reach worst = sum(shares.subList(0, asked), rules, false);
    if (!pool.isEmpty() && worst.winnable() == Winnable.ALWAYS && mostLost <= lives) {
      return worst;
    }
    Reach best = sum(shares.subList(shares.size() - asked, shares.size()), rules, true);
    boolean never = pool.isEmpty() || best.winnable() == Winnable.NEVER || leastLost > lives;
    return never ? best.as(Winnable.NEVER) : worst.as(Winnable.SOMETIMES);
  }

  private Reach as(Winnable other) {
    return new Reach(other, points, possible, needed);
  }

  private static Share share(Question question, Rules rules) {
    int worth = rules.worthOf(question);
    boolean timed = rules.bonus() != null && rules.secondsFor(question) != null;
    boolean atOnce = question.marking() == Marking.AT_ONCE;
    int speed = timed && atOnce ? rules.bonus().speed() : 0;
    boolean lost = atOnce && !question.canBeRight();
    int points = lost ? -rules.costs().wrong() : worth + speed;
    int above = points * 100 - worth * rules.passMark();
    return new Share(points, worth, above, atOnce && !lost, lost);
  }

  /**
   * The sum of a draw.
   *
   * @param withRuns whether runs bring what they can at most, wherever they are broken
   */
  private static Reach sum(List<Share> draw, Rules rules, boolean withRuns) {
    Bonus bonus = rules.bonus();
    boolean broken = draw.stream().anyMatch(Share::lost);
    int right = (int) draw.stream().filter(Share::runs).count();
    int runs = bonus != null && (withRuns || !broken) ? right / bonus.runLength() * bonus.run() : 0;
    int points = Math.max(0, draw.stream().mapToInt(Share::points).sum() + runs);
    int possible = draw.stream().mapToInt(Share::worth).sum();
    int needed = (int) (((long) possible * rules.passMark() + 99) / 100);
    return new Reach(points >= needed ? Winnable.ALWAYS : Winnable.NEVER, points, possible, needed);
  }
}
