package bravium.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.json.Codec;
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
    for (Finding finding : Readiness.of(activity).findings()) {
      if (finding.mend() != null) {
        Activity mended = Mending.mend(activity, finding);
        assertThat(mended).as("%s", finding).isNotEqualTo(activity);
        assertThat(Readiness.of(mended).findings()).as("%s", activity).doesNotContain(finding);
        assertThat(Codec.ACTIVITY.read(Codec.ACTIVITY.write(mended))).isEqualTo(mended);
      }
    }
  }

  @Test
  void aMendOfWhatHasGoneChangesNothing() {
    Activity activity = Activities.quiz(Activities.asWritten(null, 80), 2);
    Finding gone =
        Finding.of("q9", "a", Check.EMPTY_OPTION, Weight.LOOK, "A").mendedBy(Mend.REMOVE_OPTION);

    assertThat(Mending.mend(activity, gone)).isEqualTo(activity);
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
        Readiness.of(activity).findings().stream()
            .filter(f -> f.check() == check)
            .findFirst()
            .orElseThrow();
    return Mending.mend(activity, finding);
  }
}
