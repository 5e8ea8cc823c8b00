package bravium.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.games.Games;
import bravium.core.readiness.Check;
import bravium.core.readiness.Finding;
import bravium.core.samples.Activities;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class ProjectorFitTest {

  private static final String LONG =
      "The bees carry it home and keep it in their cells all winter. ";

  @Test
  void textIsAsWideAsItsLetters() {
    assertThat(AdvanceWidths.of("iiii", 100)).isLessThan(AdvanceWidths.of("mmmm", 100) / 2);
    assertThat(AdvanceWidths.of("", 40)).isZero();
  }

  @Test
  void linesBreakBetweenWordsAndALongWordInside() {
    int word = AdvanceWidths.of("honey", 40);
    assertThat(AdvanceWidths.lines("honey honey", 40, word)).isEqualTo(2);
    assertThat(AdvanceWidths.lines("honey honey", 40, 3 * word)).isEqualTo(1);
    assertThat(AdvanceWidths.lines("honeyhoneyhoney", 40, word)).isGreaterThan(2);
    assertThat(AdvanceWidths.lines("a\nb", 40, 900)).isEqualTo(2);
  }

  @Test
  void aUsualQuestionFitsAtUsualSizesAndALongOneAtTheLeastOnly() {
    List<String> four = List.of("nectar", "pollen", "wax", "stones");
    assertThat(ProjectorFit.USUAL.takes("What do bees collect?", four, false, false)).isTrue();

    List<String> longer = Collections.nCopies(4, LONG);
    assertThat(ProjectorFit.USUAL.takes(LONG.repeat(2), longer, false, true)).isFalse();
    assertThat(ProjectorFit.LEAST.takes(LONG.repeat(2), longer, false, true)).isTrue();
  }

  @Test
  void whatNeverFitsIsFound() {
    Activity activity =
        Activities.quiz(
            Activities.mixed(null, 80),
            List.of(
                Activities.question("q", "a", "a", "b")
                    .with(
                        Activities.question("q", "a", "a", "b")
                            .basics()
                            .withText(Activities.words(LONG.repeat(12)).getFirst()))));

    assertThat(Games.readiness(activity).findings())
        .extracting(Finding::check)
        .contains(Check.TOO_LONG_FOR_PROJECTOR);
  }
}
