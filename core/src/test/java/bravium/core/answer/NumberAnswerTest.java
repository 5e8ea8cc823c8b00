package bravium.core.answer;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.answer.Judgement.Reason;
import bravium.core.rich.Words;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.BigRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Scale;
import org.apache.commons.numbers.fraction.BigFraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NumberAnswerTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "0.5 | 0.5 | EQUAL",
        "0.5 | 0,5 | EQUAL",
        "0.5 | .5 | EQUAL",
        "0.5 | 1/2 | EQUAL",
        "0.5 | ½ | EQUAL",
        "0.5 | 2 / 4 | EQUAL",
        "0.5 | 50 % | EQUAL",
        "1.5 | 1½ | EQUAL",
        "1.5 | 1 1/2 | EQUAL",
        "-1.5 | −1,50 | EQUAL",
        "1200 | 1,200 | EQUAL",
        "1.2 | 1,200 | EQUAL",
        "1200 | 1 200 | EQUAL",
        "1234567 | 1,234,567 | EQUAL",
        "1234567 | 1.234.567 | EQUAL",
        "1200.5 | 1,200.5 | EQUAL",
        "12 | 13 | OTHER_NUMBER",
        "12 | twelve | EQUAL",
        "12 | a dozen | NO_NUMBER",
        "12 | 1e999 | NO_NUMBER_OR_UNIT",
        "12 | 1/0 | NO_NUMBER",
        "12 | 12 12 | NO_NUMBER",
        "12 | 1.2.3 | NO_NUMBER"
      })
  void numbersAreEqualInValueHoweverTheyAreWritten(String right, String typed, String reason) {
    Judgement judgement = number(right, null, true).judge(typed);

    if (reason.equals("NO_NUMBER_OR_UNIT")) {
      assertThat(judgement.right()).isFalse();
    } else {
      assertThat(judgement.reason()).isEqualTo(Reason.valueOf(reason));
    }
  }

  @Test
  void fractionsAndPerCentCountOnlyWhereTheyAreAllowed() {
    NumberAnswer decimal = number("0.5", null, false);

    assertThat(decimal.judge("1/2").reason()).isEqualTo(Reason.FORM_NOT_ALLOWED);
    assertThat(decimal.judge("50 %").reason()).isEqualTo(Reason.FORM_NOT_ALLOWED);
    assertThat(number("1/2", null, false).judge("2/4").right()).isTrue();
  }

  @Test
  void aToleranceReachesToItsEdge() {
    NumberAnswer about = number("35", "0,5", false);

    assertThat(about.judge("35.5").reason()).isEqualTo(Reason.NEAR);
    assertThat(about.judge("34.5").right()).isTrue();
    assertThat(about.judge("35.51").reason()).isEqualTo(Reason.OTHER_NUMBER);
  }

  @Test
  void aUnitMayStandThereAndMustBeTheRightOne() {
    NumberAnswer free = withUnit(false);
    NumberAnswer needed = withUnit(true);

    assertThat(free.judge("12").right()).isTrue();
    assertThat(free.judge("12 m2").right()).isTrue();
    assertThat(free.judge("12 kg").reason()).isEqualTo(Reason.OTHER_UNIT);
    assertThat(free.judge("12 kg").compared()).isEqualTo("12 m²");
    assertThat(needed.judge("12").reason()).isEqualTo(Reason.NO_UNIT);
    assertThat(needed.judge("12m²").right()).isTrue();
    assertThat(needed.rightText()).isEqualTo("12 m²");
  }

  @Test
  void aListedWrongNumberIsMetByItsEqual() {
    NumberAnswer answer =
        NumberAnswer.of(
                new NumberAnswer.Expected(
                    "16",
                    null,
                    List.of(),
                    false,
                    false,
                    false,
                    false,
                    false,
                    List.of(new Mistake("21", "A worker"))))
            .orElseThrow();

    assertThat(answer.judge("21.0").feedback()).isEqualTo(Words.of("A worker"));
  }

  /** Source: Apache Commons Numbers, BigFraction. */
  @Property(tries = 1_000)
  void fractionsAreEqualAsInCommonsNumbers(
      @ForAll @IntRange(min = 0, max = 60) int a,
      @ForAll @IntRange(min = 1, max = 60) int b,
      @ForAll @IntRange(min = 0, max = 60) int c,
      @ForAll @IntRange(min = 1, max = 60) int d) {
    boolean equal = BigFraction.of(a, b).equals(BigFraction.of(c, d));

    assertThat(number(a + "/" + b, null, true).judge(c + "/" + d).right()).isEqualTo(equal);
  }

  /** Source: java.math.BigDecimal. */
  @Property(tries = 500)
  void decimalsAreEqualAsInBigDecimal(
      @ForAll @BigRange(min = "-9999", max = "9999") @Scale(3) BigDecimal one,
      @ForAll @IntRange(min = -20, max = 20) int thousandths) {
    BigDecimal other = one.add(BigDecimal.valueOf(thousandths, 3));

    assertThat(number(one.toPlainString(), "0.01", false).judge(other.toPlainString()).right())
        .isEqualTo(Math.abs(thousandths) <= 10);
  }

  private static NumberAnswer number(String right, String tolerance, boolean anyForm) {
    return answer(right, tolerance, List.of(), false, anyForm);
  }

  private static NumberAnswer withUnit(boolean needed) {
    return answer("12", null, List.of("m²"), needed, false);
  }

  private static NumberAnswer answer(
      String right, String tolerance, List<String> units, boolean needed, boolean anyForm) {
    return NumberAnswer.of(
            new NumberAnswer.Expected(
                right, tolerance, units, needed, false, anyForm, anyForm, false, List.of()))
        .orElseThrow();
  }

  /** Common practice: how numbers, currencies and results are written. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "42 | | 42.",
        "42 | | = 42",
        "42 | | x = 42",
        "42 | | 42!",
        "42 | | ٤٢",
        "42 | | ۴۲",
        "42 | | ४२",
        "42 | | ４２",
        "4.5 | | ٤٫٥",
        "-7 | | –7",
        "-7 | | — 7",
        "-7 | | －７",
        "-7 | | ‐7",
        "5 | £ | £5",
        "5 | £ | 5 £",
        "5 | £, p | 500 p",
        "5 | € | €5,00",
        "-5 | $ | -$5",
        "5 | CHF | CHF 5",
        "3 | kg, g | 3000 g",
        "3 | kg, g | 3 kg",
        "3 | kg, 1000 gram | 3000 gram",
        "3 | kg, kilo | 3 kilo",
        "2.5 | h, min | 150 min",
        "50 | % | 50 %",
        "50 | % | 50%",
        "2 | jar, 6 combs | 12 combs"
      })
  void whatIsRightIsJudgedRight(String right, String units, String typed) {
    assertThat(answer(right, null, listed(units), units != null, false).judge(typed).right())
        .isTrue();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "3 | kg, g | 3 g",
        "3 | kg, g | 3000 kg",
        "50 | % | 0.5",
        "5 | £ | $5",
        "5 | £ | £5 kg",
        "42 | | 42..5",
        "42 | | b42",
        "42 | | y = x = 42"
      })
  void whatIsWrongIsNotMadeRightByIt(String right, String units, String typed) {
    assertThat(answer(right, null, listed(units), units != null, false).judge(typed).right())
        .isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    "200, 5%, 190, 210",
    "200, ±0.5, 199.5, 200.5",
    "200, +/- 10, 190, 210",
    "50 %, 5 %, 0.45, 0.55",
    "-200, 5 %, -210, -190"
  })
  void aToleranceIsReadAsItIsWritten(String right, String tolerance, String from, String to) {
    NumberRead read = answer(right, tolerance, List.of(), false, false).read();

    assertThat(read.from()).isEqualTo(from);
    assertThat(read.to()).isEqualTo(to);
    assertThat(read.toleranceUnread()).isFalse();
  }

  @Test
  void howANumberIsReadIsSaidAndWhatItCouldBeReadAsToo() {
    NumberRead read = answer("1.000", "about", List.of("kg", "g"), false, false).read();

    assertThat(read.value()).isEqualTo("1");
    assertThat(read.other()).isEqualTo("1000");
    assertThat(read.toleranceUnread()).isTrue();
    assertThat(read.unit()).isEqualTo("kg");
    assertThat(read.equal()).containsExactly("1000 g");
    assertThat(answer("1/3", null, List.of(), false, false).read().value()).isEqualTo("1/3");
  }

  @ParameterizedTest
  @CsvSource({"1/2, true", "2/4, false", "½, true", "0.5, true", "6/12, false"})
  void lowestTermsCanBeAskedFor(String typed, boolean right) {
    NumberAnswer answer =
        NumberAnswer.of(
                new NumberAnswer.Expected(
                    "1/2", null, List.of(), false, false, true, true, true, List.of()))
            .orElseThrow();

    assertThat(answer.judge(typed).right()).isEqualTo(right);
    assertThat(answer.judge("1 1/2").reason()).isEqualTo(Reason.OTHER_NUMBER);
  }

  /** Source: the JDK's Unicode data, every decimal digit of the Basic Multilingual Plane. */
  @Test
  void everyScriptsDigitsAreRead() {
    for (char c = 0x80; c < 0xffff; c++) {
      if (Character.getType(c) == Character.DECIMAL_DIGIT_NUMBER) {
        int digit = Character.digit(c, 10);
        assertThat(number(String.valueOf(digit), null, false).judge(String.valueOf(c)).right())
            .as("%04x", (int) c)
            .isTrue();
      }
    }
  }

  private static List<String> listed(String units) {
    return units == null ? List.of() : List.of(units.split(","));
  }

  @Test
  void whatSaysNoNumberIsAskedForInFiguresAndAQuestionMarkIsWrong() {
    NumberAnswer nine = number("9", null, false);

    assertThat(Stream.of("9", "nine", "neun", "９", "?", "10", "9 bees", "½").filter(nine::reads))
        .hasSize(8);
    assertThat(Stream.of("ninety", "a lot", "bees", "девяносто", "many!").filter(nine::reads))
        .isEmpty();
  }

  @Test
  void whereTheTeacherWroteADecimalNumberOneIsTakenInLowestTermsToo() {
    assertThat(lowest("0,75").judge("0.75").right()).isTrue();
    assertThat(lowest("0,75").judge("3/4").right()).isTrue();
    assertThat(lowest("0,75").judge("6/8").right()).isFalse();
    assertThat(lowest("3/4").judge("0.75").reason()).isEqualTo(Reason.FORM_NOT_ALLOWED);
  }

  private static NumberAnswer lowest(String value) {
    return NumberAnswer.of(
            new NumberAnswer.Expected(
                value, null, List.of(), false, false, false, false, true, List.of()))
        .orElseThrow();
  }
}
