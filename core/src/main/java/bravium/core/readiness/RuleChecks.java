package bravium.core.readiness;

import bravium.core.activity.Activity;
import bravium.core.activity.Rules;
import bravium.core.play.PassMark;
import bravium.core.question.Question;
import bravium.core.question.Texts;
import java.util.ArrayList;
import java.util.List;

/** What is worth a look in the title page and the rules. */
final class RuleChecks {

  private RuleChecks() {}

  static List<Finding> of(Activity activity, int askable, PassMark mark, Reach reach) {
    List<Finding> found = new ArrayList<>();
    Rules rules = activity.rules();
    if (Texts.blank(activity.titlePage().title())) {
      found.add(Finding.of(Check.NO_TITLE, Weight.LOOK, Place.TITLE));
    }
    if (askable == 0) {
      found.add(nothingToAsk(activity.game().questions()));
      return found;
    }
    if (rules.ask() != null && rules.ask() > askable) {
      found.add(
          Finding.of(Check.ASKS_TOO_MANY, Weight.LOOK, Place.ASK, rules.ask(), askable)
              .mendedBy(Mend.ASK_ALL));
    }
    if (rules.worth() == 0) {
      found.add(Finding.of(Check.NO_POINTS, Weight.LOOK, Place.WORTH).mendedBy(Mend.USUAL_WORTH));
    } else if (mark.needed() == 0) {
      found.add(
          Finding.of(Check.ALWAYS_WON, Weight.LOOK, Place.PASS_MARK)
              .mendedBy(Mend.USUAL_PASS_MARK));
    }
    switch (reach.winnable()) {
      case NEVER ->
          found.add(outOfReach(Check.PASS_MARK_UNREACHABLE, Weight.STOP, mark, reach.most()));
      case SOMETIMES ->
          found.add(
              outOfReach(Check.PASS_MARK_SOMETIMES_UNREACHABLE, Weight.LOOK, mark, reach.least()));
      case ALWAYS -> {}
    }
    return found;
  }

  private static Finding nothingToAsk(List<Question> questions) {
    boolean allOff = questions.stream().anyMatch(q -> q.switched(false).answerable());
    return allOff
        ? Finding.of(Check.ALL_OFF, Weight.STOP, Place.SHEET).mendedBy(Mend.SWITCH_ON_ALL)
        : Finding.of(Check.NOTHING_TO_ASK, Weight.STOP, Place.SHEET);
  }

  /** Its mend is the highest pass mark that those points reach, if there is one above 0. */
  private static Finding outOfReach(Check check, Weight weight, PassMark mark, int points) {
    int percent = (int) ((long) points * 100 / mark.possible());
    return percent == 0
        ? Finding.of(check, weight, Place.PASS_MARK, mark.needed(), points)
        : Finding.of(check, weight, Place.PASS_MARK, mark.needed(), points, percent)
            .mendedBy(Mend.SET_PASS_MARK);
  }
}
