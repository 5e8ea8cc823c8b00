package bravium.core.readiness;

import bravium.core.activity.Activity;
import bravium.core.activity.Rules;
import bravium.core.json.Root;
import bravium.core.play.Draw;
import bravium.core.play.PassMark;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What can be said of an activity before class.
 *
 * @param passMark what the pass mark means for the questions that can be asked
 * @param askable how many questions can be asked
 * @param guessing the chance to pass by guessing alone, in billionths, 0 to 1,000,000,000
 * @param guessingExact whether that is no estimate
 * @param time how long it will take; null while no year group is said or nothing can be asked
 * @param findings the weightiest first, otherwise in the order of the sheet
 */
@Root
public record Readiness(
    Winnable winnable,
    PassMark passMark,
    int askable,
    long guessing,
    boolean guessingExact,
    @Nullable TimeLine time,
    List<Finding> findings) {

  /** Reads an activity. */
  public static Readiness of(Activity activity) {
    Rules rules = activity.rules();
    List<Question> pool = Draw.pool(activity, false);
    Prospects prospects = activity.game().prospects(rules, pool);
    PassMark mark = prospects.passMark();
    Reach reach = prospects.reach();
    Guessing guessing = prospects.guessing();
    TimeLine line = TimeLine.of(activity, pool, mark.asked());
    List<Finding> all = new ArrayList<>(QuestionChecks.of(activity));
    all.addAll(MediaChecks.of(activity));
    all.addAll(activity.game().findings(activity));
    if (activity.course().isPresent()) {
      all.addAll(RuleChecks.of(activity, pool, prospects));
      all.addAll(GuessChecks.of(activity, pool, mark, guessing));
      all.addAll(ClockChecks.of(activity, pool, line));
    }
    List<Finding> sorted = new ArrayList<>();
    for (Weight weight : Weight.values()) {
      all.stream().filter(f -> f.weight() == weight).forEach(sorted::add);
    }
    return new Readiness(
        reach.winnable(),
        mark,
        pool.size(),
        guessing.billionths(),
        guessing.exact(),
        line,
        List.copyOf(sorted));
  }
}
