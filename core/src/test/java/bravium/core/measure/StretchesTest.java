package bravium.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class StretchesTest {

  private static final int LONGEST = 3_000;

  /** Interval union by brute force: every millisecond by itself. */
  @Property(tries = 500)
  void theUnionIsWhatEveryMillisecondByItselfSays(@ForAll long seed) {
    Random random = new Random(seed);
    Stretches stretches = Stretches.NONE;
    BitSet watched = new BitSet();
    long sum = 0;
    int last = 0;
    for (int i = random.nextInt(30); i > 0; i--) {
      int from = random.nextInt(3) == 0 ? last : random.nextInt(LONGEST);
      int to = Math.min(LONGEST, from + random.nextInt(400));
      last = to;
      stretches = stretches.with(new Stretch(from, to));
      watched.set(from, to);
      sum += to - from;
    }
    Stretches union = stretches.union();

    BitSet joined = new BitSet();
    union.all().forEach(stretch -> joined.set(stretch.from(), stretch.to()));
    assertThat(joined).isEqualTo(watched);
    assertThat(union.length()).isEqualTo(watched.cardinality());
    assertThat(stretches.length()).isEqualTo(sum);
    assertThat(union.union()).isEqualTo(union);
    assertThat(stretches.furthest()).isEqualTo(watched.length());
    Stretch part = new Stretch(500, 500 + random.nextInt(2_000));
    assertThat(stretches.within(part).union().length())
        .isEqualTo(watched.get(part.from(), part.to()).cardinality());
  }

  @Test
  void whatGoesOnWhereTheLastEndedIsOneStretch() {
    Stretches stretches =
        Stretches.NONE.with(new Stretch(0, 10)).with(new Stretch(10, 25)).with(new Stretch(5, 9));
    assertThat(stretches.all()).containsExactly(new Stretch(0, 25), new Stretch(5, 9));
  }

  @Test
  void moreThanAreKeptOneByOneAreLaidTogether() {
    Stretches stretches = Stretches.NONE;
    for (int i = 0; i <= Stretches.MOST; i++) {
      stretches = stretches.with(new Stretch(i % 7 * 100, i % 7 * 100 + 50));
    }
    assertThat(stretches.all()).hasSize(7);
  }

  @Test
  void nothingIsNothing() {
    assertThat(Stretches.NONE.union().all()).isEmpty();
    assertThat(Stretches.NONE.with(new Stretch(5, 5))).isEqualTo(Stretches.NONE);
    List<Stretch> none = new ArrayList<>(List.of(new Stretch(3, 3)));
    assertThat(new Stretches(none).all()).isEmpty();
  }
}
