package bravium.core.readiness;

import bravium.core.activity.Rules;
import bravium.core.play.Draw;
import bravium.core.question.Question;
import java.util.Comparator;
import java.util.List;

/**
 * What a learner reaches who answers everything as well as it can be answered: in the least lucky
 * draw if every draw can be won or only some, otherwise in the luckiest.
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
  private record Share(int points, int worth, int above) {}

  static Reach of(List<Question> pool, Rules rules) {
    int asked = Draw.asked(rules, pool.size());
    List<Share> shares =
        pool.stream()
            .map(q -> share(rules.worthOf(q), q.canBeRight(), rules.passMark()))
            .sorted(Comparator.comparingInt(Share::above))
            .toList();
    Reach worst = sum(shares.subList(0, asked), rules, Winnable.ALWAYS, Winnable.SOMETIMES);
    if (!pool.isEmpty() && worst.winnable() == Winnable.ALWAYS) {
      return worst;
    }
    List<Share> lucky = shares.subList(shares.size() - asked, shares.size());
    Reach best = sum(lucky, rules, Winnable.SOMETIMES, Winnable.NEVER);
    return pool.isEmpty() || best.winnable() == Winnable.NEVER
        ? new Reach(Winnable.NEVER, best.points(), best.possible(), best.needed())
        : worst;
  }

  private static Share share(int worth, boolean canBeRight, int passMark) {
    int points = canBeRight ? worth : 0;
    return new Share(points, worth, points * 100 - worth * passMark);
  }

  private static Reach sum(List<Share> draw, Rules rules, Winnable won, Winnable not) {
    int points = draw.stream().mapToInt(Share::points).sum();
    int possible = draw.stream().mapToInt(Share::worth).sum();
    int needed = (int) (((long) possible * rules.passMark() + 99) / 100);
    return new Reach(points >= needed ? won : not, points, possible, needed);
  }
}
