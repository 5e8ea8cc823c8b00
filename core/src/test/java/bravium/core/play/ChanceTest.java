package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.games.Games;
import bravium.core.samples.Activities;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.apache.commons.rng.core.source32.XoShiRo128PlusPlus;
import org.apache.commons.statistics.inference.ChiSquareTest;
import org.junit.jupiter.api.Test;

/**
 * Uniformity is tested with the chi-square test of Apache Commons Statistics (Pearson 1900), over
 * fixed seeds: the same numbers in every run, so a test that passes keeps passing.
 */
class ChanceTest {

  /** With a sound generator one fixed set of seeds in a thousand would fall below this. */
  private static final double SIGNIFICANCE = 0.001;

  @Test
  void theGeneratorGivesTheNumbersOfApacheCommonsRng() {
    // Source: Apache Commons RNG, XoShiRo128PlusPlus (Blackman & Vigna 2021).
    int[] state = {0x9e3779b9, 1, -7, 123_456_789};
    Chance ours = Chance.ofState(state);
    XoShiRo128PlusPlus theirs = new XoShiRo128PlusPlus(state);

    for (int i = 0; i < 10_000; i++) {
      assertThat(ours.next()).isEqualTo(theirs.nextInt());
    }
  }

  @Test
  void everyOrderOfFourIsAsLikelyAsTheOthers() {
    Map<String, Long> counts = new TreeMap<>();
    for (int seed = 0; seed < 48_000; seed++) {
      List<Integer> order = Chance.of("seed " + seed, "questions").shuffled(List.of(1, 2, 3, 4));
      counts.merge(order.toString(), 1L, Long::sum);
    }

    assertThat(counts).hasSize(24);
    assertUniform(counts);
  }

  @Test
  void everyQuestionIsDrawnAsOftenAsTheOthersAtEveryPlace() {
    var activity = Activities.quiz(Activities.mixed(3, 80), 8);
    Map<String, Long> first = new TreeMap<>();
    Map<String, Long> last = new TreeMap<>();
    for (int seed = 0; seed < 16_000; seed++) {
      List<String> ids =
          Games.prepared(activity).play().draw(new Opening("play " + seed, 0, false)).ids();
      first.merge(ids.getFirst(), 1L, Long::sum);
      last.merge(ids.getLast(), 1L, Long::sum);
    }

    assertThat(first).hasSize(8);
    assertUniform(first);
    assertUniform(last);
  }

  @Test
  void everyThreeOfFiveAreDrawnAsOftenAsAnyOtherThree() {
    var activity = Activities.quiz(Activities.asWritten(3, 80), 5);
    Map<String, Long> counts = new TreeMap<>();
    for (int seed = 0; seed < 20_000; seed++) {
      List<String> ids =
          Games.prepared(activity).play().draw(new Opening("n of m " + seed, 0, false)).ids();
      assertThat(ids).isSorted();
      counts.merge(ids.toString(), 1L, Long::sum);
    }

    assertThat(counts).hasSize(10);
    assertUniform(counts);
  }

  @Test
  void theRightOptionStandsAtEveryPlaceAsOften() {
    var question = Activities.question("q", "a", "a", "b", "c", "d");
    var activity = Activities.quiz(Activities.mixed(null, 80), List.of(question));
    Map<String, Long> counts = new TreeMap<>();
    for (int seed = 0; seed < 16_000; seed++) {
      Draw draw = Games.prepared(activity).play().draw(new Opening("options " + seed, 0, false));
      int place = draw.questions().getFirst().options().indexOf("a");
      counts.merge("" + place, 1L, Long::sum);
    }

    assertUniform(counts);
  }

  @Test
  void smallNumbersAreUniformToo() {
    Chance chance = Chance.of("numbers", "test");
    Map<String, Long> counts = new TreeMap<>();
    IntStream.range(0, 70_000).forEach(i -> counts.merge("" + chance.below(7), 1L, Long::sum));

    assertThat(counts).hasSize(7);
    assertUniform(counts);
  }

  @Test
  void streamsOfOtherNamesAndSeedsDiffer() {
    List<Integer> items = IntStream.range(0, 40).boxed().toList();
    List<Integer> mixed = Chance.of("s", "questions").shuffled(items);

    assertThat(mixed).containsExactlyInAnyOrderElementsOf(items).isNotEqualTo(items);
    assertThat(Chance.of("s", "questions").shuffled(items)).isEqualTo(mixed);
    assertThat(Chance.of("s", "options").shuffled(items)).isNotEqualTo(mixed);
    assertThat(Chance.of("t", "questions").shuffled(items)).isNotEqualTo(mixed);
  }

  private static void assertUniform(Map<String, Long> counts) {
    long[] observed = counts.values().stream().mapToLong(Long::longValue).toArray();
    assertThat(ChiSquareTest.withDefaults().test(observed).getPValue())
        .as("%s", counts)
        .isGreaterThan(SIGNIFICANCE);
  }
}
