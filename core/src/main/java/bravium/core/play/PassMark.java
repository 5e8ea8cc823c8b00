package bravium.core.play;

import bravium.core.activity.Rules;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What a pass mark means for some questions, in whole points and whole questions.
 *
 * @param percent the pass mark, 0 to 100
 * @param asked how many questions are asked
 * @param possible the points of all
 * @param needed the fewest points that win: the share rounded up to a whole point
 * @param rightNeeded the fewest right answers that bring them
 * @param about whether it differs from draw to draw, so that these are the figures of a usual one
 */
public record PassMark(
    int percent, int asked, int possible, int needed, int rightNeeded, boolean about) {

  /** The pass mark of these rules for questions of these worths. All in integers, exact. */
  static PassMark of(int percent, List<Integer> worths) {
    int possible = worths.stream().mapToInt(Integer::intValue).sum();
    int needed = (int) (((long) possible * percent + 99) / 100);
    List<Integer> best = worths.stream().sorted((a, b) -> b - a).toList();
    int right = 0;
    for (int points = 0; points < needed; right++) {
      points += best.get(right);
    }
    return new PassMark(percent, worths.size(), possible, needed, right, false);
  }

  /** The pass mark of a play with this draw. */
  public static PassMark of(Rules rules, Draw draw) {
    return of(rules.passMark(), draw.counting().stream().map(Draw.Drawn::worth).toList());
  }

  /**
   * The pass mark of a draw from these worths; where they differ and not all are asked, of one that
   * holds every size in its share.
   */
  public static PassMark ofPool(Rules rules, List<Integer> worths) {
    int asked = Draw.asked(rules, worths.size());
    List<Integer> sorted = worths.stream().sorted().toList();
    List<Integer> usual =
        IntStream.range(0, asked)
            .mapToObj(i -> sorted.get((2 * i + 1) * sorted.size() / (2 * asked)))
            .toList();
    PassMark mark = of(rules.passMark(), usual);
    boolean differs = asked < sorted.size() && !sorted.getFirst().equals(sorted.getLast());
    return new PassMark(
        mark.percent(), asked, mark.possible(), mark.needed(), mark.rightNeeded(), differs);
  }
}
