package bravium.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.codec.Codec;
import bravium.core.games.Games;
import bravium.core.question.Feedback;
import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.samples.Activities;
import bravium.core.samples.RandomActivities;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class MendingTest {

  @Test
  void ofTwoRightOptionsTheFirstStaysRight() {
    Activity mended = mendOnly(Check.TWO_RIGHT_OPTIONS, true, true);

    assertThat(((PickOne) mended.game().questions().getFirst()).choices())
        .extracting(Option::right)
        .containsExactly(true, false);
  }

  @Test
  void aQuestionNobodyCanGetRightIsPutAside() {
    Activity mended = mendOnly(Check.NO_RIGHT_OPTION, false, false);

    assertThat(mended.game().questions().getFirst().off()).isTrue();
  }

  /** Whatever was found: its mend changes something, and the same finding is not there any more. */
  @Property(tries = 500)
  void aMendTakesItsFindingAway(@ForAll long seed) {
    Activity activity = new RandomActivities(new Random(seed)).any();
    for (Finding finding : Games.readiness(activity).findings()) {
      if (finding.mend() != null) {
        Activity mended = Games.mended(activity, finding);
        assertThat(mended).as("%s", finding).isNotEqualTo(activity);
        assertThat(Games.readiness(mended).findings()).as("%s", activity).doesNotContain(finding);
        assertThat(Codec.ACTIVITY.read(Codec.ACTIVITY.write(mended))).isEqualTo(mended);
      }
    }
  }

  /** What is offered brings nothing new: no kind of finding, and none at another place. */
  @Property(tries = 400)
  void anOfferedMendTakesItsFindingAwayAndBringsNoOther(@ForAll long seed) {
    Random random = new Random(seed);
    Activity activity = new RandomActivities(random).finished(1 + random.nextInt(12));
    List<Finding> found = Games.readinessWithMends(activity).findings();
    List<String> before = found.stream().map(MendingTest::where).toList();
    for (Finding finding : found) {
      if (finding.mend() != null) {
        Activity mended = Games.mended(activity, finding);
        List<String> after =
            Games.readiness(mended).findings().stream().map(MendingTest::where).toList();
        assertThat(before).as("%s in %s", finding, activity.rules()).containsAll(after);
        assertThat(after.size()).isLessThan(before.size());
      }
    }
  }

  /** Where nothing else hangs on it, what can be mended is offered. */
  @Property(tries = 200)
  void mostMendsAreOffered(@ForAll long seed) {
    Random random = new Random(seed);
    Activity any = new RandomActivities(random).finished(8);
    Activity activity = Activities.quiz(Activities.mixed(null, 80), any.game().questions());
    List<Finding> all = Games.readiness(activity).findings();
    List<Finding> offered = Games.readinessWithMends(activity).findings();
    all.stream()
        .filter(f -> f.mend() != null && f.check() != Check.TWO_RIGHT_OPTIONS)
        .filter(f -> f.mend() != Mend.SWITCH_OFF && f.mend() != Mend.REMOVE_OPTION)
        .forEach(f -> assertThat(offered).contains(f));
  }

  private static String where(Finding finding) {
    return finding.check() + " " + finding.question() + " " + finding.option();
  }

  @Test
  void aMendOfWhatHasGoneChangesNothing() {
    Activity activity = Activities.quiz(Activities.asWritten(null, 80), 2);
    Finding gone =
        Finding.of("q9", "a", Check.EMPTY_OPTION, Weight.LOOK, "A").mendedBy(Mend.REMOVE_OPTION);

    assertThat(Games.mended(activity, gone)).isEqualTo(activity);
  }

  private static Activity mendOnly(Check check, boolean a, boolean b) {
    Activity activity =
        Activities.quiz(
            Activities.asWritten(null, 80),
            List.of(
                new PickOne(
                    "q",
                    "Wax?",
                    List.of(new Option("a", "yes", a), new Option("b", "no", b)),
                    Feedback.USUAL)));
    Finding finding =
        Games.readiness(activity).findings().stream()
            .filter(f -> f.check() == check)
            .findFirst()
            .orElseThrow();
    return Games.mended(activity, finding);
  }
}
