package bravium.core.answer;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.apache.commons.text.similarity.LevenshteinDistance;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SlipsTest {

  /**
   * Source: Apache Commons Text, LevenshteinDistance. Where no neighbours change places, the
   * distances are the same; where they do, it counts two.
   */
  @Property(tries = 5_000)
  void slipsAreTheEditDistanceUpToTwo(@ForAll("words") String one, @ForAll("words") String other) {
    int slips = Slips.between(one, other);
    int distance = LevenshteinDistance.getDefaultInstance().apply(one, other);

    assertThat(slips).isLessThanOrEqualTo(Math.min(3, distance));
    assertThat(slips).isEqualTo(Math.min(3, damerau(one, other)));
  }

  /** Source: Damerau (1964): four kinds of slips; written out as its recursion, without memory. */
  private static int damerau(String a, String b) {
    if (a.isEmpty() || b.isEmpty()) {
      return a.length() + b.length();
    }
    String restA = a.substring(1);
    String restB = b.substring(1);
    if (a.charAt(0) == b.charAt(0)) {
      return damerau(restA, restB);
    }
    int best = Math.min(damerau(restA, restB), Math.min(damerau(restA, b), damerau(a, restB))) + 1;
    boolean swapped =
        a.length() > 1
            && b.length() > 1
            && a.charAt(0) == b.charAt(1)
            && a.charAt(1) == b.charAt(0);
    return swapped ? Math.min(best, damerau(a.substring(2), b.substring(2)) + 1) : best;
  }

  @Provide
  Arbitrary<String> words() {
    return Arbitraries.strings().withChars('a', 'b', 'c').ofMaxLength(6);
  }

  @ParameterizedTest
  @CsvSource({"wax,0", "comb,0", "drone,1", "honeybee,1", "pollinate,2", "16000000,0"})
  void howManySlipsAWordForgivesDependsOnItsLength(String word, int allowed) {
    assertThat(Slips.allowed(word)).isEqualTo(allowed);
  }

  @Test
  void twoTextsOfAHundredThousandLettersAreComparedInOneSweep() {
    String long1 = "a".repeat(100_000);

    assertThat(Slips.between(long1, long1 + "bb")).isEqualTo(2);
    assertThat(Slips.between(long1, "b".repeat(100_000))).isEqualTo(3);
  }
}
