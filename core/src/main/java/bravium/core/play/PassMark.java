package bravium.core.play;

import bravium.core.activity.Bonus;
import bravium.core.activity.Rules;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What a pass mark means for some questions, in whole points and whole questions.
 *
 * @param percent the pass mark, 0 to 100
 * @param asked how many questions that bring points are asked; all, where none does
 * @param possible the points of all
 * @param needed the fewest points that win: the share rounded up to a whole point
 * @param rightNeeded the fewest right answers that bring them
 * @param about whether it differs from draw to draw, so that these are the figures of a usual one
 * @param counted whether so many right answers win and fewer don't, whatever else happens: the
 *     questions have one worth, and nothing costs points or brings more
 */
public record PassMark(
    int percent,
    int asked,
    int possible,
    int needed,
    int rightNeeded,
    boolean about,
    boolean counted) {

  /** The pass mark of these rules for questions of these worths. All in integers, exact. */
  static PassMark of(int percent, List<Integer> worths) {
    int[] best = new int[worths.size()];
    int bringing = 0;
    int possible = 0;
    for (int worth : worths) {
      if (worth > 0) {
        best[bringing++] = worth;
        possible += worth;
      }
    }
    Arrays.sort(best, 0, bringing);
    int needed = (int) (((long) possible * percent + 99) / 100);
    int right = 0;
    for (int points = 0; points < needed; right++) {
      points += best[bringing - 1 - right];
    }
    boolean alike = bringing == 0 || best[0] == best[bringing - 1];
    int asked = bringing == 0 ? worths.size() : bringing;
    return new PassMark(percent, asked, possible, needed, right, false, alike);
  }

  /** The pass mark of a play with this draw. */
  public static PassMark of(Rules rules, Draw draw) {
    List<Integer> worths = new ArrayList<>();
    for (Draw.Drawn drawn : draw.questions()) {
      if (drawn.counts()) {
        worths.add(drawn.worth());
      }
    }
    return of(rules.passMark(), worths).under(rules);
  }

  private PassMark under(Rules rules) {
    Bonus bonus = rules.bonus();
    boolean bonuses = bonus != null && (bonus.speed() > 0 || bonus.run() > 0);
    boolean prices = rules.costs().hint() > 0 || rules.costs().wrong() > 0;
    return new PassMark(
        percent,
        asked,
        possible,
        needed,
        rightNeeded,
        about,
        counted && !about && !bonuses && !prices);
  }

  /**
   * The pass mark of a draw from these questions; where their worths differ and not all are asked,
   * of one that holds every size in its share.
   */
  public static PassMark ofPool(Rules rules, List<Question> pool) {
    return ofWorths(rules, pool.stream().map(rules::worthOf).sorted().toList());
  }

  /** The same for questions of these worths, in rising order. */
  static PassMark ofWorths(Rules rules, List<Integer> worths) {
    int asked = Draw.asked(rules, worths.size());
    List<Integer> usual =
        IntStream.range(0, asked)
            .mapToObj(i -> worths.get((2 * i + 1) * worths.size() / (2 * asked)))
            .toList();
    boolean differs = asked < worths.size() && !worths.getFirst().equals(worths.getLast());
    PassMark mark = of(rules.passMark(), usual);
    return new PassMark(
            mark.percent(),
            mark.asked(),
            mark.possible(),
            mark.needed(),
            mark.rightNeeded(),
            differs,
            mark.counted())
        .under(rules);
  }
}
