package bravium.core.readiness;

import bravium.core.play.PassMark;
import bravium.core.question.Question;
import java.util.List;

/**
 * The points within reach of a learner who answers everything as well as it can be answered.
 *
 * @param least in the least lucky draw
 * @param most in the luckiest draw
 */
record Reach(int least, int most, Winnable winnable) {

  static Reach of(List<Question> pool, PassMark mark) {
    int winners = (int) pool.stream().filter(Question::canBeRight).count();
    int hopeless = pool.size() - winners;
    int least = Math.max(0, mark.asked() - hopeless) * mark.worth();
    int most = Math.min(mark.asked(), winners) * mark.worth();
    Winnable winnable =
        pool.isEmpty() || most < mark.needed()
            ? Winnable.NEVER
            : least < mark.needed() ? Winnable.SOMETIMES : Winnable.ALWAYS;
    return new Reach(least, most, winnable);
  }
}
