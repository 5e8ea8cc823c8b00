package bravium.core.readiness;

import bravium.core.activity.Activity;
import bravium.core.activity.Rules;
import bravium.core.play.PassMark;
import bravium.core.question.Texts;
import java.util.ArrayList;
import java.util.List;

/** What is worth a look in the title page and the rules. */
final class RuleChecks {

  private RuleChecks() {}

  static List<Finding> of(Activity activity, int askable, PassMark mark, Reach reach) {
    List<Finding> found = new ArrayList<>();
    Rules rules = activity.rules();
    if (activity.game().course().isEmpty()) {
      found.add(Finding.ofActivity(Check.UNKNOWN_GAME, Weight.STOP));
      return found;
    }
    if (Texts.blank(activity.titlePage().title())) {
      found.add(Finding.ofActivity(Check.NO_TITLE, Weight.LOOK));
    }
    if (askable == 0) {
      found.add(Finding.ofActivity(Check.NOTHING_TO_ASK, Weight.STOP));
      return found;
    }
    if (rules.ask() != null && rules.ask() > askable) {
      found.add(Finding.ofActivity(Check.ASKS_TOO_MANY, Weight.LOOK, rules.ask(), askable));
    }
    if (rules.worth() == 0) {
      found.add(Finding.ofActivity(Check.NO_POINTS, Weight.LOOK));
    } else if (mark.needed() == 0) {
      found.add(Finding.ofActivity(Check.ALWAYS_WON, Weight.LOOK));
    }
    switch (reach.winnable()) {
      case NEVER ->
          found.add(
              Finding.ofActivity(
                  Check.PASS_MARK_UNREACHABLE, Weight.STOP, mark.needed(), reach.most()));
      case SOMETIMES ->
          found.add(
              Finding.ofActivity(
                  Check.PASS_MARK_SOMETIMES_UNREACHABLE,
                  Weight.LOOK,
                  mark.needed(),
                  reach.least()));
      case ALWAYS -> {}
    }
    return found;
  }
}
