package bravium.core.readiness;

import bravium.core.activity.Activity;
import bravium.core.json.Root;
import bravium.core.play.PassMark;
import bravium.core.play.course.Asking;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What can be said of an activity before class.
 *
 * @param passMark what the pass mark means for the questions that can be asked; null where no share
 *     of the points wins
 * @param askable how many questions can be asked, or other items found
 * @param guessing the chance to pass by guessing alone, in billionths, 0 to 1,000,000,000
 * @param guessingOff how far off that may be, in billionths; 0 where it is exact
 * @param time how long it will take; null while no year group is said or nothing can be asked
 * @param findings the weightiest first, otherwise in the order of the sheet
 */
@Root
public record Readiness(
    Winnable winnable,
    @Nullable PassMark passMark,
    int askable,
    long guessing,
    long guessingOff,
    @Nullable TimeLine time,
    List<Finding> findings) {

  /**
   * Reads an activity, and offers only mends that hold: the finding goes away, and no other comes.
   * Reads it once more for each mend.
   */
  public static Readiness withMendsThatHold(Activity activity, GameChecks game) {
    Readiness read = of(activity, game);
    Set<String> before = read.abouts();
    List<Finding> offered = new ArrayList<>();
    for (Finding finding : read.findings) {
      boolean holds = true;
      if (finding.mend() != null) {
        Set<String> after = of(Mending.mend(activity, finding, game), game).abouts();
        holds = !after.contains(finding.about()) && before.containsAll(after);
      }
      offered.add(holds ? finding : finding.mendedBy(null));
    }
    return new Readiness(
        read.winnable,
        read.passMark,
        read.askable,
        read.guessing,
        read.guessingOff,
        read.time,
        List.copyOf(offered));
  }

  private Set<String> abouts() {
    Set<String> abouts = new LinkedHashSet<>();
    findings.forEach(finding -> abouts.add(finding.about()));
    return abouts;
  }

  /** Reads an activity. */
  public static Readiness of(Activity activity, GameChecks game) {
    List<Question> pool = Asking.pool(activity, false);
    Prospects prospects = game.prospects(activity, pool);
    Guessing guessing = prospects.guessing();
    List<Finding> all = new ArrayList<>(QuestionChecks.of(activity));
    all.addAll(MediaChecks.of(activity));
    all.addAll(game.findings(activity));
    if (game.playable(activity)) {
      all.addAll(RuleChecks.ofPage(activity));
    }
    if (game.playable(activity) && prospects.passMark() != null) {
      all.addAll(RuleChecks.of(activity, pool, prospects));
      all.addAll(GuessChecks.of(activity, game, pool, prospects));
      all.addAll(ClockChecks.of(activity, pool));
    }
    List<Finding> sorted = new ArrayList<>();
    for (Weight weight : Weight.values()) {
      all.stream().filter(f -> f.weight() == weight).forEach(sorted::add);
    }
    return new Readiness(
        prospects.winnable(),
        prospects.passMark(),
        prospects.askable(),
        guessing.billionths(),
        guessing.billionthsOff(),
        prospects.time(),
        List.copyOf(sorted));
  }
}
