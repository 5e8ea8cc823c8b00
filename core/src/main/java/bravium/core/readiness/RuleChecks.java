package bravium.core.readiness;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.activity.Game;
import bravium.core.activity.Rules;
import bravium.core.play.PassMark;
import bravium.core.question.Information;
import bravium.core.question.Marking;
import bravium.core.question.Question;
import bravium.core.rich.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/** What is worth a look in the title page and the rules. */
final class RuleChecks {

  private RuleChecks() {}

  /** What is worth a look in any game: its title and its look. */
  static List<Finding> ofPage(Activity activity) {
    List<Finding> found = new ArrayList<>();
    if (Texts.blank(activity.titlePage().title())) {
      found.add(Finding.of(Check.NO_TITLE, Weight.LOOK, Place.TITLE));
    }
    if (activity.look() != null && !activity.look().readable()) {
      found.add(
          Finding.of(Check.POOR_CONTRAST, Weight.LOOK, Place.LOOK, activity.look().contrast())
              .mendedBy(Mend.MEND_LOOK));
    }
    return found;
  }

  static List<Finding> of(Activity activity, List<Question> pool, Prospects prospects) {
    PassMark mark = Objects.requireNonNull(prospects.passMark());
    Reach reach = Objects.requireNonNull(prospects.reach());
    List<Finding> found = new ArrayList<>();
    Rules rules = activity.rules();
    if (pool.isEmpty()) {
      found.add(nothingToAsk(activity.game()));
      return found;
    }
    if (rules.ask() != null && rules.ask() > pool.size()) {
      found.add(
          Finding.of(Check.ASKS_TOO_MANY, Weight.LOOK, Place.ASK, rules.ask(), pool.size())
              .mendedBy(Mend.ASK_ALL));
    }
    boolean marked = pool.stream().anyMatch(q -> q.marking() != Marking.NONE);
    if (mark.possible() == 0 && pool.stream().allMatch(q -> rules.worthOf(q) == 0)) {
      Finding none = Finding.of(Check.NO_POINTS, Weight.LOOK, Place.WORTH);
      found.add(marked ? none.mendedBy(Mend.USUAL_WORTH) : none);
    } else if (rules.teams() != null) {
      teams(rules, found);
    } else if (rules.passMark() == 0) {
      alwaysWon(rules, found);
    }
    if (rules.teams() == null) {
      reach(pool, rules, reach, found);
    }
    if (!prospects.byPoints()) {
      return found;
    }
    lives(rules, mark, found);
    prices(rules, pool, found);
    speed(rules, pool, found);
    return found;
  }

  /** Who plays in teams plays for the most points, and has no lives. */
  private static void teams(Rules rules, List<Finding> found) {
    if (rules.passMark() != Rules.USUAL_PASS_MARK) {
      found.add(
          Finding.of(Check.PASS_MARK_OF_TEAMS, Weight.LOOK, Place.PASS_MARK, rules.passMark())
              .mendedBy(Mend.USUAL_PASS_MARK));
    }
    if (rules.lives() != null) {
      found.add(
          Finding.of(Check.LIVES_OF_TEAMS, Weight.LOOK, Place.LIVES, rules.lives())
              .mendedBy(Mend.NO_LIVES));
    }
  }

  /** Lives and the game's clock can lose it whatever the points. */
  private static void alwaysWon(Rules rules, List<Finding> found) {
    boolean timed = rules.clock() != null && rules.clock().per() == Clock.Per.GAME;
    if (rules.lives() == null && !timed) {
      found.add(
          Finding.of(Check.ALWAYS_WON, Weight.LOOK, Place.PASS_MARK)
              .mendedBy(Mend.USUAL_PASS_MARK));
    }
  }

  private static void reach(List<Question> pool, Rules rules, Reach reach, List<Finding> found) {
    boolean never = reach.winnable() == Winnable.NEVER;
    if (reach.winnable() == Winnable.ALWAYS) {
      return;
    }
    Weight weight = never ? Weight.STOP : Weight.LOOK;
    if (reach.points() >= reach.needed()) {
      long hopeless =
          pool.stream().filter(q -> q.marking() == Marking.AT_ONCE && !q.canBeRight()).count();
      Finding lives = Finding.of(Check.LIVES_TOO_FEW, weight, Place.LIVES, rules.lives(), hopeless);
      found.add(hopeless <= Rules.MOST_LIVES ? lives.mendedBy(Mend.SET_LIVES) : lives);
    } else {
      Check check = never ? Check.PASS_MARK_UNREACHABLE : Check.PASS_MARK_SOMETIMES_UNREACHABLE;
      found.add(outOfReach(check, weight, reach));
    }
  }

  /** The pass mark allows more misses than the lives do: it never decides. */
  private static void lives(Rules rules, PassMark mark, List<Finding> found) {
    if (rules.teams() == null && livesDecide(mark, rules)) {
      int misses = mark.asked() - mark.rightNeeded();
      Finding decide =
          Finding.of(Check.LIVES_BEFORE_PASS_MARK, Weight.LOOK, Place.LIVES, rules.lives(), misses);
      found.add(misses <= Rules.MOST_LIVES ? decide.mendedBy(Mend.SET_LIVES) : decide);
    }
  }

  /** Whether lives end the game before the pass mark decides it. */
  static boolean livesDecide(PassMark mark, Rules rules) {
    return rules.lives() != null
        && rules.mostTries() == 1
        && mark.needed() > 0
        && rules.lives() < mark.asked() - mark.rightNeeded();
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
    List<Question> marked = pool.stream().filter(q -> q.marking() == Marking.AT_ONCE).toList();
    long untimed = marked.stream().filter(q -> rules.secondsFor(q) == null).count();
    if (wanted && untimed > 0) {
      found.add(
          Finding.of(Check.SPEED_WITHOUT_CLOCK, Weight.LOOK, Place.CLOCK, untimed, marked.size())
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
    int percent =
        reach.possible() == 0
            ? 0
            : (int) Math.min(100, (long) reach.points() * 100 / reach.possible());
    return percent == 0
        ? Finding.of(check, weight, Place.PASS_MARK, reach.needed(), reach.points())
        : Finding.of(check, weight, Place.PASS_MARK, reach.needed(), reach.points(), percent)
            .mendedBy(Mend.SET_PASS_MARK);
  }
}
