package bravium.core.readiness;

import bravium.core.activity.Activity;
import bravium.core.activity.Rules;
import bravium.core.games.Game;
import bravium.core.play.PassMark;
import bravium.core.question.Information;
import bravium.core.question.Marking;
import bravium.core.question.Question;
import bravium.core.words.Texts;
import java.util.ArrayList;
import java.util.List;

/** What is worth a look in the title page and the rules. */
final class RuleChecks {

  private RuleChecks() {}

  static List<Finding> of(Activity activity, List<Question> pool, Prospects prospects) {
    PassMark mark = prospects.passMark();
    Reach reach = prospects.reach();
    List<Finding> found = new ArrayList<>();
    Rules rules = activity.rules();
    if (Texts.blank(activity.titlePage().title())) {
      found.add(Finding.of(Check.NO_TITLE, Weight.LOOK, Place.TITLE));
    }
    if (activity.look() != null && !activity.look().readable()) {
      found.add(
          Finding.of(Check.POOR_CONTRAST, Weight.LOOK, Place.LOOK, activity.look().contrast())
              .mendedBy(Mend.MEND_LOOK));
    }
    if (pool.isEmpty()) {
      found.add(nothingToAsk(activity.game()));
      return found;
    }
    if (rules.ask() != null && rules.ask() > pool.size()) {
      found.add(
          Finding.of(Check.ASKS_TOO_MANY, Weight.LOOK, Place.ASK, rules.ask(), pool.size())
              .mendedBy(Mend.ASK_ALL));
    }
    if (mark.possible() == 0 && pool.stream().allMatch(q -> rules.worthOf(q) == 0)) {
      boolean marked = pool.stream().anyMatch(q -> q.marking() != Marking.NONE);
      Finding none = Finding.of(Check.NO_POINTS, Weight.LOOK, Place.WORTH);
      found.add(marked ? none.mendedBy(Mend.USUAL_WORTH) : none);
    } else if (rules.passMark() == 0) {
      found.add(
          Finding.of(Check.ALWAYS_WON, Weight.LOOK, Place.PASS_MARK)
              .mendedBy(Mend.USUAL_PASS_MARK));
    }
    switch (reach.winnable()) {
      case NEVER -> found.add(outOfReach(Check.PASS_MARK_UNREACHABLE, Weight.STOP, reach));
      case SOMETIMES ->
          found.add(outOfReach(Check.PASS_MARK_SOMETIMES_UNREACHABLE, Weight.LOOK, reach));
      case ALWAYS -> {}
    }
    if (!prospects.byPoints()) {
      return found;
    }
    lives(rules, mark, found);
    prices(rules, pool, found);
    speed(rules, pool, found);
    return found;
  }

  /** The pass mark allows more misses than the lives do: it never decides. */
  private static void lives(Rules rules, PassMark mark, List<Finding> found) {
    int misses = mark.asked() - mark.rightNeeded();
    boolean oneGo = rules.mostTries() == 1;
    if (rules.lives() != null && oneGo && rules.lives() < misses && mark.needed() > 0) {
      found.add(
          Finding.of(Check.LIVES_BEFORE_PASS_MARK, Weight.LOOK, Place.LIVES, rules.lives(), misses)
              .mendedBy(Mend.SET_LIVES));
    }
  }

  private static void prices(Rules rules, List<Question> pool, List<Finding> found) {
    int least =
        pool.stream()
            .filter(q -> q.marking() != Marking.NONE)
            .mapToInt(rules::worthOf)
            .min()
            .orElse(0);
    int most = Math.max(rules.costs().hint(), rules.costs().wrong());
    if (least > 0 && most > least) {
      found.add(
          Finding.of(Check.PRICE_ABOVE_WORTH, Weight.LOOK, Place.PRICES, most, least)
              .mendedBy(Mend.LOWER_PRICES));
    }
  }

  private static void speed(Rules rules, List<Question> pool, List<Finding> found) {
    boolean wanted = rules.bonus() != null && rules.bonus().speed() > 0;
    boolean marked = pool.stream().anyMatch(q -> q.marking() != Marking.NONE);
    if (wanted && marked && pool.stream().allMatch(q -> rules.secondsFor(q) == null)) {
      found.add(
          Finding.of(Check.SPEED_WITHOUT_CLOCK, Weight.LOOK, Place.CLOCK)
              .mendedBy(Mend.USUAL_CLOCK));
    }
  }

  private static Finding nothingToAsk(Game game) {
    boolean allOff =
        game.questions().stream()
            .filter(game::asks)
            .anyMatch(q -> q.switched(false).answerable() && !(q instanceof Information));
    return allOff
        ? Finding.of(Check.ALL_OFF, Weight.STOP, Place.SHEET).mendedBy(Mend.SWITCH_ON_ALL)
        : Finding.of(Check.NOTHING_TO_ASK, Weight.STOP, Place.SHEET);
  }

  /** Its mend is the highest pass mark that those points reach, if there is one above 0. */
  private static Finding outOfReach(Check check, Weight weight, Reach reach) {
    int percent = (int) ((long) reach.points() * 100 / reach.possible());
    return percent == 0
        ? Finding.of(check, weight, Place.PASS_MARK, reach.needed(), reach.points())
        : Finding.of(check, weight, Place.PASS_MARK, reach.needed(), reach.points(), percent)
            .mendedBy(Mend.SET_PASS_MARK);
  }
}
