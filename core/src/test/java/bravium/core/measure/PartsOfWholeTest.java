package bravium.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.RuleBasedNumberFormat;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;
import java.util.Locale;
import org.apache.commons.numbers.core.ArithmeticUtils;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

/** Fractions of up to 24 parts: all of them, and all pairs of them. */
class PartsOfWholeTest {

  /** Checked against Apache Commons Numbers, on all pairs of fractions with up to 24 parts. */
  @Test
  void allPairsAgreeWithCommonsNumbers() {
    for (int under = 1; under <= PartsOfWhole.MOST; under++) {
      for (int over = 0; over <= 2 * under; over++) {
        PartsOfWhole one = new PartsOfWhole(over, under);
        Fraction reference = Fraction.of(over, under);
        assertThat(fraction(one.inLowestTerms())).isEqualTo(reference);
        assertThat(one.inLowestTerms().under()).isEqualTo(reference.getDenominator());
        assertThat(Fraction.of(one.wholes()).add(fraction(one.rest()))).isEqualTo(reference);
        List<Integer> cuts = one.equivalents().stream().map(PartsOfWhole::under).toList();
        for (int cut = 1; cut <= PartsOfWhole.MOST; cut++) {
          boolean shown = reference.multiply(cut).getDenominator() == 1;
          assertThat(one.shownBy(cut)).isEqualTo(shown);
          assertThat(cuts.contains(cut)).isEqualTo(shown && cut != under);
          for (int above = 0; above <= cut; above++) {
            PartsOfWhole other = new PartsOfWhole(above, cut);
            assertThat(Integer.signum(one.compareTo(other)))
                .isEqualTo(reference.compareTo(Fraction.of(above, cut)));
            assertThat(one.commonCut(other)).isEqualTo(ArithmeticUtils.lcm(under, cut));
          }
        }
        assertThat(one.equivalents()).allSatisfy(e -> assertThat(fraction(e)).isEqualTo(reference));
      }
    }
  }

  private static Fraction fraction(PartsOfWhole parts) {
    return Fraction.of(parts.over(), parts.under());
  }

  /** Checked against BigDecimal's division: the digits written out come near enough to it. */
  @Test
  void decimalsRecurWhereTheyShould() {
    MathContext precise = new MathContext(80, RoundingMode.HALF_EVEN);
    for (int under = 1; under <= PartsOfWhole.MOST; under++) {
      for (int over = 0; over <= 6 * under; over++) {
        PartsOfWhole.Decimal decimal = new PartsOfWhole(over, under).decimal();
        BigDecimal exact = BigDecimal.valueOf(over).divide(BigDecimal.valueOf(under), precise);
        String digits = decimal.fixed() + decimal.recurring().repeat(60);
        BigDecimal written = new BigDecimal(decimal.whole() + "." + digits + "0");
        assertThat(written.subtract(exact).abs()).isLessThan(new BigDecimal("1e-50"));
        boolean ends = new BigDecimal(over).remainder(new BigDecimal(under)).signum() == 0;
        // A fraction ends where its lowest denominator has no prime factor but 2 and 5 (common
        // practice).
        int lowest = new PartsOfWhole(over, under).inLowestTerms().under();
        while (lowest % 2 == 0) {
          lowest /= 2;
        }
        while (lowest % 5 == 0) {
          lowest /= 5;
        }
        assertThat(decimal.recurring().isEmpty()).isEqualTo(ends || lowest == 1);
      }
    }
  }

  /** Common practice: one dot above a single digit, two above the ends of several. */
  @Test
  void recurringDigitsHaveDots() {
    assertThat(new PartsOfWhole(1, 6).decimal().text()).isEqualTo("0.16\u0307");
    assertThat(new PartsOfWhole(1, 7).decimal().text()).isEqualTo("0.1\u030742857\u0307");
    assertThat(new PartsOfWhole(3, 8).decimal().text()).isEqualTo("0.375");
    assertThat(new PartsOfWhole(16, 8).decimal().text()).isEqualTo("2");
    assertThat(new PartsOfWhole(2, 3).percent().text()).isEqualTo("66.6\u0307");
    assertThat(new PartsOfWhole(3, 8).percent().text()).isEqualTo("37.5");
  }

  /**
   * Ordinals and whole numbers as in Unicode's CLDR, rule-based number formats for British English,
   * by way of ICU4J; halves, quarters and wholes are common practice.
   */
  @Test
  void wordsAreThoseOfCldr() {
    RuleBasedNumberFormat spelled =
        new RuleBasedNumberFormat(Locale.UK, RuleBasedNumberFormat.SPELLOUT);
    for (int number = 0; number <= 200; number++) {
      spelled.setDefaultRuleSet("%spellout-cardinal-verbose");
      assertThat(FractionWords.whole(number)).isEqualTo(spelled.format(number));
    }
    for (int under = 3; under <= PartsOfWhole.MOST; under++) {
      spelled.setDefaultRuleSet("%spellout-ordinal-verbose");
      String part = under == 4 ? "quarter" : spelled.format(under);
      assertThat(FractionWords.of(new PartsOfWhole(1, under))).isEqualTo("one " + part);
      assertThat(FractionWords.of(new PartsOfWhole(2, under))).isEqualTo("two " + part + "s");
    }
    assertThat(
            List.of(
                FractionWords.of(new PartsOfWhole(1, 2)),
                FractionWords.of(new PartsOfWhole(3, 2)),
                FractionWords.of(new PartsOfWhole(0, 5)),
                FractionWords.of(new PartsOfWhole(1, 1)),
                FractionWords.mixed(new PartsOfWhole(11, 8)),
                FractionWords.mixed(new PartsOfWhole(6, 3)),
                FractionWords.mixed(new PartsOfWhole(2, 4))))
        .containsExactly(
            "one half",
            "three halves",
            "none",
            "one whole",
            "one and three eighths",
            "two wholes",
            "one half");
  }
}
