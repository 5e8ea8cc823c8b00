package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.games.Games;
import bravium.core.json.Extra;
import bravium.core.question.Feedback;
import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.core.rich.Words;
import bravium.core.samples.Activities;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class DrawTest {

  @Property(tries = 200)
  void aPinnedOptionKeepsItsPlaceWhileTheOthersAreMixed(@ForAll long seed) {
    List<String> options = draw(Activities.quiz(Activities.mixed(null, 80), List.of(PINNED)), seed);

    assertThat(options).hasSize(5).containsOnlyOnce("a", "b", "c", "d", "e");
    assertThat(options.get(1)).isEqualTo("b");
    assertThat(options.get(4)).isEqualTo("e");
  }

  @Test
  void theOthersAreReallyMixed() {
    Activity activity = Activities.quiz(Activities.mixed(null, 80), List.of(PINNED));

    assertThat(java.util.stream.LongStream.range(0, 60).mapToObj(s -> draw(activity, s)).distinct())
        .hasSize(6);
  }

  @Test
  void aQuestionThatIsSwitchedOffIsNeverDrawn() {
    Activity activity =
        Activities.quiz(
            Activities.mixed(null, 80),
            List.of(
                Activities.question("q1", "a", "a", "b").switched(true),
                Activities.question("q2", "a", "a", "b")));

    assertThat(Games.prepared(activity).play().draw(new Opening("seed", 0, false)).ids())
        .containsExactly("q2");
    assertThat(Games.prepared(activity).play().draw(new Opening("seed", 0, true)).ids())
        .containsExactly("q2");
  }

  private static final Question PINNED =
      new PickOne(
          "q",
          "Which?",
          List.of(
              option("a", false),
              option("b", true),
              option("c", false),
              option("d", false),
              option("e", true)),
          Feedback.USUAL);

  private static List<String> draw(Activity activity, long seed) {
    return Games.prepared(activity)
        .play()
        .draw(new Opening("seed" + seed, 0, false))
        .questions()
        .getFirst()
        .options();
  }

  private static Option option(String id, boolean pinned) {
    return new Option(id, Words.of("Option " + id), id.equals("a"), pinned, null, Extra.NONE);
  }
}
