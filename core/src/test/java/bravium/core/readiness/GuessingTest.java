package bravium.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bravium.core.games.Games;
import bravium.core.question.Feedback;
import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.core.samples.Activities;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.apache.commons.statistics.distribution.BinomialDistribution;
import org.junit.jupiter.api.Test;

class GuessingTest {

  private static final double CLOSE = 1e-12;

  /** Source: Apache Commons Statistics, BinomialDistribution. */
  @Property(tries = 200)
  void alikeQuestionsFollowTheBinomialDistribution(
      @ForAll @IntRange(min = 1, max = 40) int questions,
      @ForAll @IntRange(min = 1, max = 8) int options,
      @ForAll @IntRange(min = 1, max = 100) int percent) {
    List<Question> pool =
        IntStream.range(0, questions).mapToObj(i -> question(i, 1, options)).toList();

    Guessing guessing = PointsGuessed.of(pool, Activities.mixed(null, percent));

    int needed = (percent * questions + 99) / 100;
    assertThat(guessing.exact()).isTrue();
    assertThat(guessing.chance())
        .isCloseTo(
            BinomialDistribution.of(questions, 1.0 / options).survivalProbability(needed - 1),
            within(CLOSE));
  }

  /** Source: every draw and every guess written out and counted, in whole numbers. */
  @Property(tries = 100)
  void mixedQuestionsAndDrawsAgreeWithFullEnumeration(@ForAll long seed) {
    Random random = new Random(seed);
    List<Question> pool = new ArrayList<>();
    for (int i = 0; i <= random.nextInt(6); i++) {
      int options = 1 + random.nextInt(4);
      pool.add(question(i, random.nextInt(options + 1), options));
    }
    int asked = 1 + random.nextInt(pool.size());
    int percent = 1 + random.nextInt(100);
    int right = (percent * asked + 99) / 100;

    Guessing guessing = PointsGuessed.of(pool, Activities.mixed(asked, percent));

    assertThat(guessing.exact()).isTrue();
    assertThat(guessing.chance()).isCloseTo(enumerated(pool, asked, right), within(CLOSE));
  }

  @Test
  void theChanceIsPublishedInBillionthsRoundedHalfUp() {
    // 1/3 to the power of 2 is 0.111111111…; 1/2 to the power of 10 is 0.0009765625.
    assertThat(billionths(List.of(question(1, 1, 3), question(2, 1, 3)), 100))
        .isEqualTo(111_111_111);
    List<Question> ten = IntStream.range(0, 10).mapToObj(i -> question(i, 1, 2)).toList();
    assertThat(billionths(ten, 100)).isEqualTo(976_563);
    assertThat(billionths(ten, 0)).isEqualTo(1_000_000_000);
  }

  @Test
  void readinessSaysTheChanceForTheDrawnQuestions() {
    Readiness readiness = Games.readiness(Activities.quiz(Activities.asWritten(3, 100), 8));

    assertThat(readiness.guessing()).isEqualTo(125_000_000);
  }

  private static long billionths(List<Question> pool, int percent) {
    return PointsGuessed.of(pool, Activities.mixed(null, percent)).billionths();
  }

  /** The mean over all sets of that many questions, each by all its guesses. */
  private static double enumerated(List<Question> pool, int asked, int right) {
    double sum = 0;
    int draws = 0;
    for (int set = 0; set < 1 << pool.size(); set++) {
      if (Integer.bitCount(set) == asked) {
        int chosen = set;
        List<Question> drawn =
            IntStream.range(0, pool.size())
                .filter(i -> (chosen >> i & 1) == 1)
                .mapToObj(pool::get)
                .toList();
        sum += (double) passing(drawn, 0, right) / guesses(drawn);
        draws++;
      }
    }
    return sum / draws;
  }

  private static long guesses(List<Question> drawn) {
    return drawn.stream().mapToLong(q -> ((PickOne) q).choices().size()).reduce(1, (a, b) -> a * b);
  }

  private static long passing(List<Question> drawn, int at, int stillNeeded) {
    if (at == drawn.size()) {
      return stillNeeded <= 0 ? 1 : 0;
    }
    return ((PickOne) drawn.get(at))
        .choices().stream()
            .mapToLong(o -> passing(drawn, at + 1, stillNeeded - (o.right() ? 1 : 0)))
            .sum();
  }

  private static Question question(int id, int right, int options) {
    return new PickOne(
        "q" + id,
        "Question " + id,
        IntStream.range(0, options).mapToObj(i -> new Option("o" + i, "o" + i, i < right)).toList(),
        Feedback.USUAL);
  }
}
