package bravium.core.games.quizshow;

import bravium.core.activity.Order;
import bravium.core.activity.Rules;
import bravium.core.play.Draw;
import bravium.core.play.PassMark;
import bravium.core.question.Question;
import bravium.core.readiness.GuessOdds;
import bravium.core.readiness.Guessing;
import bravium.core.readiness.Prospects;
import bravium.core.readiness.Reach;
import bravium.core.readiness.Winnable;
import java.util.Collections;
import java.util.List;

/** How far a climb leads who knows everything, and who knows nothing. */
final class ClimbProspects {

  /** Any worth from which right, partly right and wrong can be told apart. */
  private static final int WORTH = 1_000;

  /** The chances of one question: a step up, none, back to the last resting place. */
  private record Step(double up, double stays) {}

  private final Climb climb;
  private final Rules rules;
  private final List<Question> pool;
  private final PassMark mark;
  private final List<Integer> worths;
  private final int asked;

  private ClimbProspects(Climb climb, Rules rules, List<Question> pool) {
    this.climb = climb;
    this.rules = rules;
    this.pool = pool;
    ClimbCourse course = ClimbCourse.of(climb, rules);
    this.mark = course.passMark(rules);
    this.worths = course.worths();
    this.asked = Draw.asked(rules, pool.size());
  }

  static Prospects of(Climb climb, Rules rules, List<Question> pool) {
    ClimbProspects climbing = new ClimbProspects(climb, rules, pool);
    return new Prospects(climbing.mark, climbing.reach(), climbing.guessing(), false);
  }

  private Reach reach() {
    int canBeRight = (int) pool.stream().filter(Question::canBeRight).count();
    int best = Math.min(climb.steps(), Math.min(asked, canBeRight));
    int worst = canBeRight == pool.size() ? best : 0;
    int points = worthAt(worst);
    boolean always = !pool.isEmpty() && points >= mark.needed();
    boolean ever = !pool.isEmpty() && worthAt(best) >= mark.needed();
    return new Reach(
        always ? Winnable.ALWAYS : ever ? Winnable.SOMETIMES : Winnable.NEVER,
        ever && !always ? points : worthAt(best),
        mark.possible(),
        mark.needed());
  }

  private Guessing guessing() {
    if (pool.isEmpty() || mark.rightNeeded() == 0) {
      return new Guessing(pool.isEmpty() ? 0 : 1, true);
    }
    Rules plain = rules.withPrices(null).withBonus(null).withWorth(WORTH);
    List<GuessOdds> odds =
        pool.stream().map(q -> GuessOdds.of(q.with(q.basics().withWorth(WORTH)), plain)).toList();
    List<Step> steps = odds.stream().map(ClimbProspects::step).toList();
    boolean asWritten = asked == pool.size() && rules.questionOrder() == Order.AS_WRITTEN;
    boolean alike = steps.stream().distinct().count() == 1;
    boolean exact =
        (asWritten || alike) && rules.lives() == null && odds.stream().allMatch(GuessOdds::exact);
    return new Guessing(chance(asWritten ? steps : Collections.nCopies(asked, mean(steps))), exact);
  }

  private static Step step(GuessOdds odds) {
    double up = 0;
    double stays = 0;
    for (int points : odds.chances().keySet()) {
      double chance = odds.chances().get(points);
      up += points == WORTH ? chance : 0;
      stays += points > 0 && points < WORTH ? chance : 0;
    }
    return new Step(up, stays);
  }

  private static Step mean(List<Step> steps) {
    double up = 0;
    double stays = 0;
    for (Step step : steps) {
      up += step.up() / steps.size();
      stays += step.stays() / steps.size();
    }
    return new Step(up, stays);
  }

  /** One pass over the questions, following the chance of standing at each height. */
  private double chance(List<Step> steps) {
    int top = climb.steps();
    double[] at = new double[top + 1];
    double[] over = new double[top + 1];
    at[0] = 1;
    for (Step step : steps) {
      double[] next = new double[top + 1];
      for (int height = 0; height < top; height++) {
        double miss = Math.max(0, 1 - step.up() - step.stays());
        next[height + 1] += at[height] * step.up();
        next[height] += at[height] * step.stays();
        double[] back = climb.missEnds() ? over : next;
        back[climb.restBelow(height)] += at[height] * miss;
      }
      next[top] += at[top];
      at = next;
    }
    double sum = 0;
    for (int height = mark.rightNeeded(); height <= top; height++) {
      sum += at[height] + over[height];
    }
    return Math.min(1, sum);
  }

  private int worthAt(int height) {
    return height == 0 ? 0 : worths.get(height - 1);
  }
}
