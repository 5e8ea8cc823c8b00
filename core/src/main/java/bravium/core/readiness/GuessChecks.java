package bravium.core.readiness;

import bravium.core.activity.Activity;
import bravium.core.activity.Order;
import bravium.core.activity.Rules;
import bravium.core.activity.Tries;
import bravium.core.play.PassMark;
import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;

/**
 * What lets a learner through who knows nothing: chance, and cues that have nothing to do with it.
 */
final class GuessChecks {

  /** From this chance on, in billionths, passing by guessing is worth a look: one in ten. */
  static final long TOO_OFTEN = 100_000_000;

  /** Fewer questions than this are a sheet just begun, or too few to show a cue. */
  static final int ENOUGH = 4;

  private static final int STEP = 5;

  private GuessChecks() {}

  static List<Finding> of(
      Activity activity, GameChecks game, List<Question> pool, Prospects prospects) {
    PassMark mark = Objects.requireNonNull(prospects.passMark());
    Guessing guessing = prospects.guessing();
    List<Finding> found = new ArrayList<>();
    Rules rules = activity.rules();
    boolean untilRight = rules.mostTries() == Integer.MAX_VALUE;
    boolean often =
        mark.asked() >= ENOUGH && mark.needed() > 0 && guessing.billionths() >= TOO_OFTEN;
    // Teams play for the most points.
    if (often && rules.teams() == null) {
      found.add(
          untilRight
              ? untilRightWins(activity, game, pool, guessing)
              : guessingWins(activity, game, pool, guessing));
    }
    List<PickOne> choices =
        pool.stream()
            .filter(PickOne.class::isInstance)
            .map(PickOne.class::cast)
            .filter(q -> q.choices().size() > 2 && q.canBeRight())
            .toList();
    if (choices.size() >= ENOUGH) {
      rightInOnePlace(rules, choices, found);
      longestIsRight(choices, found);
    }
    return found;
  }

  /**
   * The nearest pass mark in steps of 5 % that chance rarely reaches and knowledge always can. The
   * higher it is, the smaller is the chance: the steps are halved, not tried one by one.
   */
  private static Finding guessingWins(
      Activity activity, GameChecks game, List<Question> pool, Guessing guessing) {
    Rules rules = activity.rules();
    long chance = guessing.billionths();
    int low = rules.passMark() / STEP + 1;
    int high = 100 / STEP;
    while (low < high) {
      int middle = (low + high) / 2;
      if (rarely(game.prospects(activity.withRules(rules.withPassMark(middle * STEP)), pool))) {
        high = middle;
      } else {
        low = middle + 1;
      }
    }
    Rules higher = rules.withPassMark(Math.min(100, low * STEP));
    Prospects then = game.prospects(activity.withRules(higher), pool);
    boolean mends =
        higher.passMark() > rules.passMark()
            && rarely(then)
            && then.winnable() == Winnable.ALWAYS
            && !RuleChecks.livesDecide(then.passMark(), higher);
    return mends
        ? Finding.of(Check.GUESSING_WINS, Weight.LOOK, Place.PASS_MARK, chance, higher.passMark())
            .mendedBy(Mend.SET_PASS_MARK)
        : Finding.of(Check.GUESSING_WINS, Weight.LOOK, Place.PASS_MARK, chance);
  }

  private static boolean rarely(Prospects prospects) {
    return prospects.guessing().billionths() < TOO_OFTEN;
  }

  /** Two tries help where chance then passes rarely, else one, if that does. */
  private static Finding untilRightWins(
      Activity activity, GameChecks game, List<Question> pool, Guessing guessing) {
    Rules rules = activity.rules();
    long chance = guessing.billionths();
    for (int tries : new int[] {Tries.FEWEST, 1}) {
      Rules fewer = rules.withTries(tries == 1 ? null : new Tries(Tries.Again.AT_ONCE, tries));
      Prospects then = game.prospects(activity.withRules(fewer), pool);
      if (rarely(then) && !RuleChecks.livesDecide(then.passMark(), fewer)) {
        return Finding.of(Check.UNTIL_RIGHT_WINS, Weight.LOOK, Place.TRIES, chance, tries)
            .mendedBy(Mend.SET_TRIES);
      }
    }
    return Finding.of(Check.UNTIL_RIGHT_WINS, Weight.LOOK, Place.TRIES, chance);
  }

  private static void rightInOnePlace(Rules rules, List<PickOne> questions, List<Finding> found) {
    Set<Integer> places = new TreeSet<>();
    for (PickOne question : questions) {
      List<Option> choices = question.choices();
      for (int i = 0; i < choices.size(); i++) {
        if (choices.get(i).right()) {
          places.add(i);
        }
      }
    }
    if (rules.optionOrder() == Order.AS_WRITTEN && places.size() == 1) {
      char letter = (char) ('A' + places.iterator().next());
      found.add(
          Finding.of(Check.RIGHT_IN_ONE_PLACE, Weight.LOOK, Place.OPTION_ORDER, letter)
              .mendedBy(Mend.MIX_OPTIONS));
    }
  }

  /**
   * Options should be about equally long (Haladyna, Downing &amp; Rodriguez, <i>A review of
   * multiple-choice item-writing guidelines</i>, Applied Measurement in Education 15:3, 2002). That
   * four in five are worth a look is our own choice.
   */
  private static void longestIsRight(List<PickOne> questions, List<Finding> found) {
    long longest = questions.stream().filter(GuessChecks::longestIsRight).count();
    if (longest * 5 >= questions.size() * 4L) {
      found.add(
          Finding.of(Check.LONGEST_IS_RIGHT, Weight.LOOK, Place.SHEET, longest, questions.size()));
    }
  }

  private static boolean longestIsRight(PickOne question) {
    int right = longest(question, true);
    return right > longest(question, false);
  }

  private static int longest(PickOne question, boolean right) {
    return question.choices().stream()
        .filter(o -> o.right() == right)
        .mapToInt(o -> o.text().plain().length())
        .max()
        .orElse(0);
  }
}
